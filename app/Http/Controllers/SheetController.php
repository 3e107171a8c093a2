<?php

namespace App\Http\Controllers;

use App\Bench\SheetView;
use App\Calculations\JsonText;
use App\Http\SentDocument;
use App\Http\Shapes\ProblemShape;
use App\Http\Shapes\SheetShape;
use App\Models\Sheet;
use App\Store\KeepSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use JsonException;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;
use OpenApi\Attributes as OA;
use stdClass;

/** The spec book: engine sheets with their history. A change makes a new version; running jobs keep theirs until they adopt it. */
final class SheetController
{
    #[OA\Get(path: '/api/sheets', summary: 'Every engine sheet in its newest version', tags: ['sheets'], responses: [
        new OA\Response(response: 200, description: 'The spec book', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: SheetShape::class))),
    ])]
    public function index(): JsonResponse
    {
        $newest = Sheet::query()->get()->sortBy('version')->keyBy('slug')->sortKeys();

        return new JsonResponse(array_values($newest->map(static fn (Sheet $sheet): SheetShape => SheetView::of($sheet))->all()));
    }

    #[OA\Get(path: '/api/sheets/{slug}/sheet.json', summary: 'A sheet as a file, after docs/schemas/engine-sheet.schema.json', tags: ['sheets'],
        parameters: [new OA\PathParameter(name: 'slug', required: true, schema: new OA\Schema(type: 'string'))],
        responses: [new OA\Response(response: 200, description: 'The sheet', content: new OA\JsonContent(type: 'object'))])]
    public function json(string $slug): Response
    {
        return self::file(self::newest($slug)->written()."\n", 'application/json', $slug.'.json');
    }

    #[OA\Get(path: '/api/sheets/{slug}/limits.csv', summary: 'The limits of a sheet as CSV', tags: ['sheets'],
        parameters: [new OA\PathParameter(name: 'slug', required: true, schema: new OA\Schema(type: 'string'))],
        responses: [new OA\Response(response: 200, description: 'One line a source', content: new OA\MediaType(mediaType: 'text/csv'))])]
    public function csv(string $slug): Response
    {
        return self::file(SheetView::limitsCsv(self::newest($slug)->engine()), 'text/csv; charset=utf-8', $slug.'-limits.csv');
    }

    #[OA\Post(path: '/api/sheets', summary: 'Enter a sheet, or a new version of one', tags: ['sheets'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['document'], properties: [
            new OA\Property(property: 'document', type: 'string'), new OA\Property(property: 'base', description: 'the version that was changed; refused where another has come meanwhile', type: 'integer'),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'The sheet as entered', content: new OA\JsonContent(ref: SheetShape::class)),
            new OA\Response(response: 422, description: 'The sheet contradicts itself', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function store(Request $request, KeepSheet $keep): JsonResponse
    {
        $sent = SentDocument::of($request, 'document', 'base');

        return new JsonResponse(SheetView::of($keep(self::document($sent), $sent->has('base') ? $sent->whole('base', 1) : null)));
    }

    /** @throws Refusal at "document" where it is not JSON */
    public static function document(Fields $sent): mixed
    {
        try {
            return JsonText::decode($sent->text('document', 400_000));
        } catch (JsonException $error) {
            throw MalformedDocument::wrongSort($error->getMessage(), 'JSON')->under('document');
        }
    }

    #[OA\Post(path: '/api/sheets/{slug}/findings', summary: 'Keep a finding for the next engine of its kind: a new version of the sheet', tags: ['sheets'],
        parameters: [new OA\PathParameter(name: 'slug', required: true, schema: new OA\Schema(type: 'string'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['text', 'from'], properties: [new OA\Property(property: 'text', type: 'string'), new OA\Property(property: 'from', type: 'string')])),
        responses: [
            new OA\Response(response: 200, description: 'The sheet with it', content: new OA\JsonContent(ref: SheetShape::class)),
            new OA\Response(response: 422, description: 'What was read cannot be used', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function find(Request $request, string $slug, KeepSheet $keep): JsonResponse
    {
        $sent = SentDocument::of($request, 'text', 'from');
        $finding = (object) ['text' => $sent->text('text', 300), 'from' => $sent->text('from', 60)];

        return new JsonResponse(SheetView::of($keep->changed($slug, static function (stdClass $document) use ($finding): void {
            $document->findings = [...(is_array($document->findings ?? null) ? $document->findings : []), $finding];
        })));
    }

    private static function newest(string $slug): Sheet
    {
        return Sheet::newest($slug) ?? abort(404);
    }

    private static function file(string $content, string $type, string $name): Response
    {
        return new Response($content, headers: ['Content-Type' => $type, 'Content-Disposition' => sprintf('attachment; filename="%s"', $name)]);
    }
}
