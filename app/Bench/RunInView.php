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
            $stated->heatCycles, $this->state->runIn->cycles(), $this->state->runIn->isWarm(), $this->cooling(), intdiv($stated->cool, 60).' min', TimingSteps::open($this->state, RunningIn::HEAT),
            array_map(static fn (RunInStage $stage): RunInStageShape => new RunInStageShape($stage->until.' h', $stage->throttle, $stage->note), $stages),
            $planned === null ? $this->proposed() : array_map($this->dated(...), $this->state->runIn->all()),
            $planned === null ? $stated->ratio : $planned->ratio, $planned === null ? $stated->ratioAfter : $planned->ratioAfter,
            $planned->hoursPerWeek ?? RunningIn::USUAL, $planned?->note, $planned !== null, $stated->source, TimingSteps::open($this->state, RunningIn::SHEET),
        );
    }

    /** @return list<RecheckShape> what the sheet asks for, and what was asked for at the bench */
    private function proposed(): array
    {
        $stated = array_map(static fn (Recheck $recheck): RecheckShape => new RecheckShape('', $recheck->what, $recheck->when(), null, false, null), $this->state->sheet->runIn->rechecks);

        return [...$stated, ...array_map($this->dated(...), $this->state->runIn->all())];
    }

    private function dated(DatedRecheck $asked): RecheckShape
    {
        return new RecheckShape($asked->id, $asked->recheck->what, $asked->recheck->when(),
            $asked->due($this->state->closing->handedOver())?->setTimezone(Shop::now()->getTimezone())->format('Y-m-d'), $asked->done !== null, $asked->done?->by);
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
