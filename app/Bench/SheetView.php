<?php

namespace App\Bench;

use App\Http\Shapes\ConsequenceShape;
use App\Http\Shapes\SheetLimitShape;
use App\Http\Shapes\SheetShape;
use App\Http\Shapes\SheetSlabShape;
use App\Http\Shapes\SheetVersionShape;
use App\Http\Shapes\SourceShape;
use App\Models\Row;
use App\Models\Sheet;
use App\Text\Csv;
use Illuminate\Support\Facades\DB;
use Moltrek\Core\Fitting\Ruling;
use Moltrek\Core\Measuring\Catalogue;
use Moltrek\Core\Sheet\Consequences;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\JudgedQuantity;
use Moltrek\Core\Sheet\SheetLimit;
use Moltrek\Core\Sheet\Slab;
use stdClass;

/** An engine sheet as the spec book shows it, sources side by side. */
final class SheetView
{
    public static function of(Sheet $sheet): SheetShape
    {
        $engine = $sheet->engine();
        $versions = DB::table('engine_sheets')->leftJoin('jobs', 'jobs.engine_sheet_id', '=', 'engine_sheets.id')
            ->where('slug', $sheet->slug)->groupBy('engine_sheets.id', 'version', 'engine_sheets.created_at')->orderByDesc('version')
            ->selectRaw('version, engine_sheets.created_at as at, count(jobs.id) as jobs')->get();

        return new SheetShape(
            slug: $sheet->slug,
            title: $engine->title(),
            description: $engine->description(),
            facts: EngineView::facts($engine),
            version: $sheet->version,
            versions: array_values($versions->map(static fn (stdClass $row): SheetVersionShape => self::version(Row::of($row)))->all()),
            limits: self::limits($engine),
            consequences: array_map(static fn (array $each): ConsequenceShape => new ConsequenceShape($each['part'], $each['text'], $each['confirmed'], $each['wrong']), Consequences::of($engine)),
            errands: PlanView::offered($engine),
            slabs: array_map(static fn (Slab $slab): SheetSlabShape => new SheetSlabShape($slab->id, $slab->name), array_reverse(array_slice($engine->stack->slabs, 1))),
            document: $sheet->written(),
            timing: [...(new SheetTimingView($engine))->shapes(), ...(new SheetClosingView($engine))->shapes()],
        );
    }

    /** @return list<SheetLimitShape> */
    public static function limits(EngineSheet $engine): array
    {
        $rows = [];
        foreach (JudgedQuantity::names() as $key) {
            $stated = array_filter($engine->limits->stated, static fn (SheetLimit $limit): bool => $limit->quantity === $key);
            $places = array_unique(array_merge(...array_map(static fn (SheetLimit $limit): array => $limit->of === [] ? [] : $limit->of, array_values($stated)), ...[[]]));
            foreach ($places === [] ? ($stated === [] ? [] : [null]) : $places as $place) {
                $limits = $engine->limitsFor($key, ...($place === null ? [] : [$place]));
                $source = Ruling::over($limits, null);
                $rows[] = new SheetLimitShape(self::title($key), $place ?? '',
                    array_map(static fn (SheetLimit $limit): SourceShape => AssessmentView::stated($limit, $source->range, $source->service), $limits));
            }
        }

        return $rows;
    }

    /** What is limited, as it is called where no part of the engine stands beside it. */
    public static function title(string $quantity): string
    {
        return JudgedQuantity::tryFrom($quantity)?->alone() ?? Catalogue::all()[$quantity]->title();
    }

    /** Limits as CSV: one line a source's statement. */
    public static function limitsCsv(EngineSheet $engine): string
    {
        $lines = [];
        foreach (self::limits($engine) as $row) {
            foreach ($row->sources as $source) {
                $lines[] = [$row->quantity, $row->of, $source->source->value, $source->text, '', $source->rulesRange ? 'yes' : '', $source->rulesService ? 'yes' : ''];
            }
        }

        return Csv::of(['quantity', 'of', 'source', 'limit', 'condition', 'rules range', 'rules service'], $lines);
    }

    private static function version(Row $row): SheetVersionShape
    {
        return new SheetVersionShape($row->whole('version'), substr($row->text('at'), 0, 10), $row->whole('jobs'));
    }
}
