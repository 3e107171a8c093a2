<?php

namespace App\Bench;

use App\Http\Shapes\DifferenceShape;
use App\Http\Shapes\DraftErrandShape;
use App\Http\Shapes\DraftStepShape;
use App\Http\Shapes\FirstSheetShape;
use App\Http\Shapes\JudgedShape;
use App\Http\Shapes\RefusalShape;
use App\Http\Shapes\SheetDraftShape;
use App\Models\Sheet;
use App\Models\Shop;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Planning\Basis;
use Moltrek\Core\Planning\Errand;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Planning\SheetReport;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Planning\WaitOf;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\JudgedQuantity;
use Moltrek\Core\Sheet\SheetWait;

/** A sheet while somebody writes it, as the editor takes it. */
final readonly class SheetDraftView
{
    /**
     * @param  EngineSheet|null  $before  the version that is there
     * @param  list<DifferenceShape>  $differences
     */
    public function __construct(private SheetReport $report, private ?EngineSheet $before, private array $differences)
    {
    }

    public function shape(): SheetDraftShape
    {
        $sheet = $this->report->sheet;
        $state = $sheet === null ? null : Build::replay($sheet, [], Shop::now());

        return new SheetDraftShape(
            refusals: array_map(static fn (Refusal $refusal): RefusalShape => new RefusalShape(...$refusal->toArray()), $this->report->refusals),
            drawn: $sheet === null || $state === null ? null : new FirstSheetShape(
                id: $sheet->identity->id,
                title: $sheet->title(),
                description: $sheet->description(),
                facts: EngineView::facts($sheet),
                drawing: DrawingView::of($sheet),
                slabs: (new StackView($state))->onFloor(),
                known: Sheet::newest($sheet->identity->id) !== null,
            ),
            says: $this->report->says(),
            lacks: $this->report->lacks(),
            differences: $this->differences,
            gaps: $state === null ? [] : (new BarrelView($state))->gaps(),
            lifts: $state === null ? [] : (new TimingView($state))->lifts(),
            errands: $sheet === null ? [] : array_map(fn (Errand $errand): DraftErrandShape => $this->errand($sheet, $errand), Errand::on($sheet)),
            judged: array_map(static fn (string $name): JudgedShape => new JudgedShape($name, SheetView::title($name)), JudgedQuantity::names()),
        );
    }

    private function errand(EngineSheet $sheet, Errand $errand): DraftErrandShape
    {
        $steps = Plan::of($sheet, new Basis([$errand]));
        $before = $this->before === null || ! in_array($errand, Errand::on($this->before), true) ? [] : Plan::of($this->before, new Basis([$errand]));

        return new DraftErrandShape(
            $errand->value,
            array_map(static fn (Step $step): DraftStepShape => self::step($sheet, $step, $before !== [] && ! isset($before[$step->id])), array_values($steps)),
            array_map(static fn (Step $step): DraftStepShape => self::step($sheet, $step, false), array_values(array_diff_key($before, $steps))),
        );
    }

    private static function step(EngineSheet $sheet, Step $step, bool $isNew): DraftStepShape
    {
        $waits = array_filter($sheet->work->waits, static fn (SheetWait $wait): bool => in_array($step->id, WaitOf::begins($wait, $sheet), true));

        return new DraftStepShape(
            id: $step->id,
            name: $step->words->name,
            slab: $step->place->slab,
            isNew: $isNew,
            waits: array_values(array_map(static fn (SheetWait $wait): string => $wait->name, $waits)),
        );
    }
}
