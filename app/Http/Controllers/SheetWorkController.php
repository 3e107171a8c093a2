<?php

namespace App\Http\Controllers;

use App\Bench\SheetView;
use App\Calculations\JsonText;
use App\Http\SentDocument;
use App\Http\Shapes\DifferenceShape;
use App\Http\Shapes\LimitRowShape;
use App\Http\Shapes\LimitTableShape;
use App\Http\Shapes\ProblemShape;
use App\Http\Shapes\SheetShape;
use App\Models\Sheet;
use App\Store\KeepSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Moltrek\Core\Document\Difference;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\FirstSheet;
use Moltrek\Core\Sheet\LimitRow;
use Moltrek\Core\Sheet\LimitTable;
use Moltrek\Core\Sheet\SourceKind;
use OpenApi\Attributes as OA;
use stdClass;

/** Work on a sheet: a table of limits out of a manual, a sheet like another, and what two versions or two engines differ in. */
final class SheetWorkController
{
    private const LONGEST = 40_000;

    /** What every sheet says of itself alone. */
    private const OWN = ['id', 'notes'];

    #[OA\Post(path: '/api/sheets/{slug}/limits/preview', summary: 'What is understood of a table of limits', tags: ['sheets'],
        parameters: [new OA\PathParameter(name: 'slug', required: true, schema: new OA\Schema(type: 'string'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['text', 'source'], properties: [
            new OA\Property(property: 'text', description: 'a line each: what, and the limit as it is printed', type: 'string'), new OA\Property(property: 'source', type: 'string', enum: SourceKind::class),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'Line by line', content: new OA\JsonContent(ref: LimitTableShape::class)),
            new OA\Response(response: 422, description: 'Not a table', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function previewLimits(Request $request, string $slug): JsonResponse
    {
        $sheet = Sheet::newest($slug) ?? abort(404);
        $rows = self::rows($request);
        $document = JsonText::decode($sheet->document);
        assert($document instanceof stdClass);
        array_walk($rows, static fn (LimitRow $row) => $row->onto($document));
        $refused = null;
        try {
            EngineSheet::read($document);
        } catch (Refusal $refusal) {
            $refused = $refusal->getMessage().' Accepted: '.$refusal->toArray()['allowed'].'.';
        }

        return new JsonResponse(new LimitTableShape(
            array_map(static fn (LimitRow $row): LimitRowShape => new LimitRowShape(
                line: $row->line,
                what: $row->what,
                figure: $row->figure,
                understood: $row->understood(),
                refused: $row->refused,
            ), $rows),
            self::differences(JsonText::decode($sheet->document), $document), $refused,
        ));
    }

    #[OA\Post(path: '/api/sheets/{slug}/limits', summary: 'Write a table of limits onto a sheet, as its next version', tags: ['sheets'],
        parameters: [new OA\PathParameter(name: 'slug', required: true, schema: new OA\Schema(type: 'string'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['text', 'source'], properties: [
            new OA\Property(property: 'text', type: 'string'), new OA\Property(property: 'source', type: 'string', enum: SourceKind::class),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'The sheet with them', content: new OA\JsonContent(ref: SheetShape::class)),
            new OA\Response(response: 422, description: 'A line that cannot be read, or limits that contradict each other', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function keepLimits(Request $request, string $slug, KeepSheet $keep): JsonResponse
    {
        $rows = self::rows($request);
        foreach ($rows as $row) {
            if ($row->refused !== null) {
                throw MalformedDocument::wrongSort("line $row->line: $row->what", $row->refused)->under('text');
            }
        }

        return new JsonResponse(SheetView::of($keep->changed($slug, static function (stdClass $document) use ($rows): void {
            foreach ($rows as $row) {
                $row->onto($document);
            }
        })));
    }

    #[OA\Post(path: '/api/sheets/{slug}/like', summary: 'A sheet of another engine that is like this one', tags: ['sheets'],
        parameters: [new OA\PathParameter(name: 'slug', required: true, schema: new OA\Schema(type: 'string'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['make', 'model', 'kind', 'bore', 'stroke'], properties: [
            new OA\Property(property: 'make', type: 'string'), new OA\Property(property: 'model', type: 'string'), new OA\Property(property: 'kind', type: 'string'),
            new OA\Property(property: 'bore', type: 'string'), new OA\Property(property: 'stroke', type: 'string'),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'The new sheet', content: new OA\JsonContent(ref: SheetShape::class)),
            new OA\Response(response: 422, description: 'What was read cannot be used', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function like(Request $request, string $slug, KeepSheet $keep): JsonResponse
    {
        $other = Sheet::newest($slug) ?? abort(404);
        $said = SentDocument::of($request, 'make', 'model', 'kind', 'bore', 'stroke');
        $document = JsonText::decode($other->document);
        assert($document instanceof stdClass && ($document->geometry ?? null) instanceof stdClass);
        [$document->make, $document->model, $document->kind] = [$said->text('make', 60), $said->text('model', 60), $said->text('kind', 60)];
        $document->id = FirstSheet::slug($document->make.' '.$document->model);
        if (Sheet::newest($document->id) !== null || self::isKnown($document->make, $document->model)) {
            throw $said->placed(ContradictoryFields::excluded('model', $document->model, 'The spec book has a sheet of this engine.', 'another make or model'));
        }
        $document->notes = sprintf('Begun like %s. Every figure is that engine’s until it has been looked up for this one.', $other->engine()->title());
        foreach (['bore', 'stroke'] as $key) {
            $said->size($key);
            $document->geometry->{$key} = $said->text($key);
        }
        // what was found on the other engine was found on that one
        unset($document->findings, $document->substitutions);

        return new JsonResponse(SheetView::of($keep($document)));
    }

    #[OA\Get(path: '/api/sheets/{slug}/differences', summary: 'What two versions of a sheet, or two engines, differ in', tags: ['sheets'],
        parameters: [
            new OA\PathParameter(name: 'slug', required: true, schema: new OA\Schema(type: 'string')),
            new OA\QueryParameter(name: 'from', description: 'a version, or the name of another sheet', required: true, schema: new OA\Schema(type: 'string')),
        ],
        responses: [new OA\Response(response: 200, description: 'Fact by fact', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: DifferenceShape::class)))])]
    public function compare(Request $request, string $slug): JsonResponse
    {
        $newest = Sheet::newest($slug) ?? abort(404);
        $from = $request->query('from');
        $from = is_string($from) ? $from : '';
        $other = ctype_digit($from) && strlen($from) < 10 ? Sheet::version($slug, (int) $from) : Sheet::newest($from);
        $other ??= throw MalformedDocument::wrongSort($from, 'a version of this sheet, or the name of another')->under('from');

        return new JsonResponse(self::differences(JsonText::decode($other->document), JsonText::decode($newest->document), $other->slug === $slug ? [] : self::OWN));
    }

    /** Whether the spec book has an engine of this name, whatever its sheet is called. */
    private static function isKnown(string $make, string $model): bool
    {
        $title = mb_strtolower($make.' '.$model);

        return Sheet::query()->get()->contains(static fn (Sheet $sheet): bool => mb_strtolower($sheet->engine()->title()) === $title);
    }

    /** @return list<LimitRow> */
    private static function rows(Request $request): array
    {
        $sent = SentDocument::of($request, 'text', 'source');

        return LimitTable::read(self::table($sent), $sent->choice('source', SourceKind::class));
    }

    /** Its lines as they were typed: a tab is a column. */
    private static function table(Fields $sent): string
    {
        $text = $sent->raw('text');
        if (! is_string($text) || trim($text) === '' || strlen($text) > self::LONGEST || ! mb_check_encoding($text, 'UTF-8')) {
            throw $sent->placed(MalformedDocument::wrongSort(is_string($text) ? mb_strlen($text).' characters' : 'no text', 'lines such as: ring gap, top ⇥ 0.20–0.35 mm'), 'text');
        }

        return $text;
    }

    /**
     * @param  list<string>  $without
     * @return list<DifferenceShape>
     */
    public static function differences(mixed $before, mixed $after, array $without = []): array
    {
        return array_map(static fn (Difference $each): DifferenceShape => new DifferenceShape(str_replace(['.', '_'], [' · ', ' '], $each->path), $each->before, $each->after), Difference::between($before, $after, $without));
    }
}
