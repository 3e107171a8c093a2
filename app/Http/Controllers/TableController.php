<?php

namespace App\Http\Controllers;

use App\Http\SentDocument;
use App\Http\Shapes\LimitRowShape;
use App\Http\Shapes\ProblemShape;
use App\Http\Shapes\TableShape;
use App\Models\Instrument;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Table;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;
use OpenApi\Attributes as OA;

/** Toolbox and shelf from a spreadsheet: looked at first, then kept whole or not at all. */
final class TableController
{
    private const LONGEST = 60_000;

    #[OA\Post(path: '/api/tools/table', summary: 'Tools from a table; with keep they are entered, all or none', tags: ['tools'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['text'], properties: [new OA\Property(property: 'text', type: 'string'), new OA\Property(property: 'keep', type: 'boolean')])),
        responses: [
            new OA\Response(response: 200, description: 'Line by line', content: new OA\JsonContent(ref: TableShape::class)),
            new OA\Response(response: 422, description: 'Not a table, or a line that cannot be read', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function tools(Request $request): JsonResponse
    {
        return self::answer($request, ToolController::KEYS, static function (Fields $row): array {
            $raw = (object) array_combine($row->keys(), array_map($row->raw(...), $row->keys()));
            if (is_string($raw->leaves ?? null)) {
                $raw->leaves = preg_split('/[\s;]+(?![a-zµ°])/u', trim($raw->leaves)) ?: [];
            }
            $tool = ToolController::attributes(Fields::of($raw, ...ToolController::KEYS));

            return [
                implode(', ', array_filter([$tool['name'], $tool['kind'], $tool['range'], $tool['doubt'] === null ? null : '± '.$tool['doubt']])),
                static fn () => Instrument::query()->updateOrCreate(['id' => Str::limit(Str::slug($tool['name']), 20, '')], $tool),
            ];
        });
    }

    #[OA\Post(path: '/api/shelf/table', summary: 'The shelf from a table; with keep it is counted so, all or none', tags: ['tools'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['text'], properties: [new OA\Property(property: 'text', type: 'string'), new OA\Property(property: 'keep', type: 'boolean')])),
        responses: [
            new OA\Response(response: 200, description: 'Line by line', content: new OA\JsonContent(ref: TableShape::class)),
            new OA\Response(response: 422, description: 'Not a table, or a line that cannot be read', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function shelf(Request $request): JsonResponse
    {
        return self::answer($request, ShelfController::KEYS, static function (Fields $row): array {
            $raw = (object) array_combine($row->keys(), array_map($row->raw(...), $row->keys()));
            if (is_string($raw->count ?? null) && preg_match('/^\d{1,4}$/D', $raw->count) === 1) {
                $raw->count = (int) $raw->count;
            }
            [$part, $fits, $count] = ShelfController::read(Fields::of($raw, ...ShelfController::KEYS));

            return ["$count × $part".($fits === '' ? ', for any engine' : ", for $fits"), static fn () => ShelfController::put($part, $fits, $count)];
        });
    }

    /**
     * @param  list<string>  $columns
     * @param  Closure(Fields): array{string, Closure(): mixed}  $read  what is understood of a row, and what keeps it
     */
    private static function answer(Request $request, array $columns, Closure $read): JsonResponse
    {
        $sent = SentDocument::of($request, 'text', 'keep');
        $text = $sent->raw('text');
        if (! is_string($text) || strlen($text) > self::LONGEST || ! mb_check_encoding($text, 'UTF-8')) {
            throw $sent->placed(MalformedDocument::wrongSort(is_string($text) ? mb_strlen($text).' characters' : 'no text', 'lines under a heading: '.implode(', ', $columns)), 'text');
        }
        $rows = $keeps = [];
        foreach (Table::read($text, $columns) as $line => $row) {
            $what = implode(', ', array_map(static fn (string $key): string => is_string($value = $row->raw($key)) ? $value : '', $row->keys()));
            try {
                [$understood, $keeps[]] = $read($row);
                $rows[] = new LimitRowShape(
                    line: $line,
                    what: $what,
                    figure: '',
                    understood: $understood,
                    refused: null,
                );
            } catch (Refusal $refusal) {
                $said = $refusal->toArray();
                $rows[] = new LimitRowShape(
                    line: $line,
                    what: $what,
                    figure: '',
                    understood: null,
                    refused: $said['field'].': '.$refusal->getMessage().' Accepted: '.$said['allowed'].'.',
                );
            }
        }
        $isKept = $sent->has('keep') && $sent->flag('keep');
        if ($isKept) {
            if ($rows === [] || count($keeps) < count($rows)) {
                throw $sent->placed(MalformedDocument::wrongSort($text, 'a table of which every line can be read'), 'text');
            }
            DB::transaction(static fn () => array_map(static fn (Closure $keep): mixed => $keep(), $keeps));
        }

        return new JsonResponse(new TableShape($rows, $isKept));
    }
}
