<?php

namespace App\Bench;

use App\Http\Shapes\AssessmentShape;
use App\Http\Shapes\HeldWayShape;
use App\Http\Shapes\JobMeasuringShape;
use App\Http\Shapes\SpotShape;
use App\Http\Shapes\ToolShape;
use App\Models\Instrument;
use App\Models\Shop;
use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Measuring\HeadHeld;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Sheet\SlabKind;

/** What is read on a build, and what came of it, as the screens take it. */
final readonly class MeasuringView
{
    public function __construct(private BuildState $state)
    {
    }

    public function shape(): JobMeasuringShape
    {
        return new JobMeasuringShape(
            array_map(fn (Spot $spot): SpotShape => SpotView::of($this->state, $spot), array_values($this->state->spots)),
            array_map($this->assessment(...), array_values($this->state->verdicts->all())),
            self::tools(),
            $this->heldWays(),
        );
    }

    /** @return list<HeldWayShape> */
    private function heldWays(): array
    {
        $stack = $this->state->sheet->stack;
        $heads = $stack->all(SlabKind::Head);
        $fasteners = $heads === [] ? 0 : count($stack->fastenersOf($heads[0]->id));

        return array_map(static fn (HeadHeld $held): HeldWayShape => new HeldWayShape($held->said(), $held), HeadHeld::usual($fasteners ?: null));
    }

    public function assessment(Assessment $assessment): AssessmentShape
    {
        $spots = array_filter(array_map(fn (string $id): ?Spot => $this->state->spots[$id] ?? null, $assessment->subject->spots));
        $last = $spots[array_key_last($spots) ?? 0] ?? null;
        $isExpected = $assessment->subject->source->offered !== [] || $assessment->verdict !== null || isset($this->state->work->asked()[$last->id ?? '']);

        return AssessmentView::of($assessment, $last === null ? $this->state->sheet->stack->slabs[0]->id : $this->state->readings->slabOf($last)->id, $isExpected,
            $this->state->work->questions->acceptanceOf($assessment));
    }

    /** @return list<ToolShape> */
    public static function tools(): array
    {
        return array_values(Instrument::all()->sortBy('id')
            ->map(static fn (Instrument $tool): ToolShape => new ToolShape(
                id: $tool->id,
                name: $tool->name,
                kind: $tool->kind,
                doubt: $tool->doubt,
                leaves: $tool->leaves,
                range: $tool->range,
                resolution: $tool->resolution,
                length: $tool->length,
                checkedOn: $tool->checked_on?->format('Y-m-d'),
                nextCheck: $tool->next_check?->format('Y-m-d'),
                isOverdue: $tool->isOverdue(Shop::today()),
                simulated: $tool->simulated,
            ))
            ->all());
    }
}
