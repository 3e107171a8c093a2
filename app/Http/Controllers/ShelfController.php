<?php

namespace App\Http\Controllers;

use App\Http\SentDocument;
use App\Http\Shapes\ProblemShape;
use App\Http\Shapes\ShelfPartShape;
use App\Models\Sheet;
use App\Models\Shelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Moltrek\Core\Refusal\MalformedDocument;
use OpenApi\Attributes as OA;

/** What lies on the shelf; a job takes from it by an entry in its log. */
final class ShelfController
{
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
        $sent = SentDocument::of($request, 'part', 'fits', 'count');
        $fits = $sent->textOrNull('fits', 60) ?? '';
        if ($fits !== '' && ! Sheet::query()->where('slug', $fits)->exists()) {
            throw $sent->placed(MalformedDocument::wrongSort($fits, 'a sheet of the spec book, or nothing for any engine'), 'fits');
        }
        Shelf::put($sent->text('part', 120), $fits, $sent->whole('count', 0, 9999));

        return $this->index();
    }
}
