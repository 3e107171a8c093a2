<?php

namespace App\Bench;

use App\Http\Shapes\RecheckShape;
use App\Http\Shapes\RunInShape;
use App\Http\Shapes\RunInStageShape;
use App\Http\Shapes\WaitShape;
use App\Models\Shop;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Closing\DatedRecheck;
use Moltrek\Core\Log\Closing\RunningIn;
use Moltrek\Core\Sheet\Recheck;
use Moltrek\Core\Sheet\RunInStage;

/** Heats, the run-in sheet and what is looked at again, as the screens take them: what was made out, else what the sheet proposes. */
final readonly class RunInView
{
    public function __construct(private BuildState $state)
    {
    }

    public function shape(): RunInShape
    {
        $stated = $this->state->sheet->runIn;
        $planned = $this->state->runIn->sheet();
        $stages = $planned->stages ?? $stated->stages;

        return new RunInShape(
            heatCycles: $stated->heatCycles,
            cycles: $this->state->runIn->cycles(),
            warm: $this->state->runIn->isWarm(),
            cooling: $this->cooling(),
            cool: intdiv($stated->cool, 60).' min',
            heatStep: TimingSteps::open($this->state, RunningIn::HEAT),
            stages: array_map(static fn (RunInStage $stage): RunInStageShape => new RunInStageShape($stage->until.' h', $stage->throttle, $stage->note), $stages),
            rechecks: $planned === null ? $this->proposed() : array_map($this->dated(...), $this->state->runIn->all()),
            ratio: $planned === null ? $stated->ratio : $planned->ratio,
            ratioAfter: $planned === null ? $stated->ratioAfter : $planned->ratioAfter,
            hoursPerWeek: $planned->hoursPerWeek ?? RunningIn::USUAL,
            note: $planned?->note,
            planned: $planned !== null,
            source: $stated->source,
            step: TimingSteps::open($this->state, RunningIn::SHEET),
        );
    }

    /** @return list<RecheckShape> what the sheet asks for, and what was asked for at the bench */
    private function proposed(): array
    {
        $stated = array_map(static fn (Recheck $recheck): RecheckShape => new RecheckShape(
            id: '',
            what: $recheck->what,
            when: $recheck->when(),
            due: null,
            done: false,
            by: null,
        ), $this->state->sheet->runIn->rechecks);

        return [...$stated, ...array_map($this->dated(...), $this->state->runIn->all())];
    }

    private function dated(DatedRecheck $asked): RecheckShape
    {
        return new RecheckShape(
            id: $asked->id,
            what: $asked->recheck->what,
            when: $asked->recheck->when(),
            due: $asked->due($this->state->closing->handedOver())?->setTimezone(Shop::now()->getTimezone())->format('Y-m-d'),
            done: $asked->done !== null,
            by: $asked->done?->by,
        );
    }

    private function cooling(): ?WaitShape
    {
        foreach ($this->state->work->waits() as $running) {
            if ($running->wait->holds === RunningIn::HEAT && $this->state->runIn->isWarm()) {
                return WaitView::shape($running);
            }
        }

        return null;
    }
}
