<?php

namespace App\Http\Controllers;

use App\Http\SentDocument;
use App\Http\Shapes\ProblemShape;
use App\Http\Shapes\ShelfPartShape;
use App\Models\Sheet;
use App\Models\Shelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\MalformedDocument;
use OpenApi\Attributes as OA;

/** What lies on the shelf; a job takes from it by an entry in its log. */
final class ShelfController
{
    public const KEYS = ['part', 'fits', 'count'];

    #[OA\Get(path: '/api/shelf', summary: 'The parts on the shelf', tags: ['tools'], responses: [
        new OA\Response(response: 200, description: 'Every part', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ShelfPartShape::class))),
    ])]
    public function index(): JsonResponse
    {
        return new JsonResponse(array_map(static fn (array $lies): ShelfPartShape => new ShelfPartShape($lies['part'], $lies['fits'], $lies['count']), Shelf::all()));
    }

    #[OA\Post(path: '/api/shelf', summary: 'Say how many of a part lie there', tags: ['tools'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['part', 'count'], properties: [new OA\Property(property: 'part', type: 'string'), new OA\Property(property: 'fits', type: 'string'), new OA\Property(property: 'count', type: 'integer')])),
        responses: [
            new OA\Response(response: 200, description: 'The shelf after it', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ShelfPartShape::class))),
            new OA\Response(response: 422, description: 'What was read cannot be used', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function store(Request $request): JsonResponse
    {
        self::put(...self::read(SentDocument::of($request, ...self::KEYS)));

        return $this->index();
    }

    public static function put(string $part, string $fits, int $count): void
    {
        Shelf::put($part, $fits, $count);
    }

    /** @return array{string, string, int} the part, the engine it is for, and how many lie there */
    public static function read(Fields $sent): array
    {
        $fits = $sent->textOrNull('fits', 60) ?? '';
        if ($fits !== '' && ! Sheet::query()->where('slug', $fits)->exists()) {
            throw $sent->placed(MalformedDocument::wrongSort($fits, 'a sheet of the spec book, or nothing for any engine'), 'fits');
        }

        return [$sent->text('part', 120), $fits, $sent->whole('count', 0, 9999)];
    }
}
