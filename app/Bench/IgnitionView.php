<?php

namespace App\Bench;

use App\Http\Shapes\IgnitionLoopShape;
use App\Http\Shapes\IgnitionPlaceShape;
use App\Http\Shapes\IgnitionPlateShape;
use App\Http\Shapes\IgnitionRoundShape;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Timing\IgnitionLoop;
use Moltrek\Core\Log\Timing\IgnitionRound;
use Moltrek\Core\Log\Timing\IgnitionTask;
use Moltrek\Core\Log\Timing\TimingSteps as Steps;
use Moltrek\Core\Sheet\IgnitionPoint;
use Moltrek\Core\Timing\CamWay;
use Moltrek\Core\Timing\CrankPlace;
use Moltrek\Core\Timing\DialledCrank;
use Moltrek\Core\Timing\IgnitionRead;

/** The ignition point’s loop as the screens take it. */
final readonly class IgnitionView
{
    public function __construct(private BuildState $state)
    {
    }

    /** @return list<IgnitionLoopShape> one, or one for each cylinder that has a mark of its own */
    public function shapes(): array
    {
        return array_map($this->shape(...), $this->state->timings->timedCylinders());
    }

    private function shape(?string $cylinder): IgnitionLoopShape
    {
        $loop = new IgnitionLoop($this->state, $cylinder);
        $ignition = $this->state->sheet->ignition;
        $point = $ignition->point ?? $loop->last()?->read->point;
        $limit = $point?->stated->limit;

        return new IgnitionLoopShape(
            $cylinder, $cylinder === null ? 'Ignition point' : ucfirst($this->state->sheet->cylinder($cylinder)->name ?? $cylinder),
            $ignition->setBy, $point?->inWords(),
            $this->place($point, $limit?->min), $this->place($point, $point?->stated->aim()), $this->place($point, $limit?->max),
            array_map($this->round(...), $loop->rounds()), $loop->task(),
            TimingSteps::shape($this->state, $loop->step()), $loop->headline(), $loop->advice(), $this->plate($loop),
            $ignition->rotation, $ignition->seenFrom, $ignition->plateRadius?->quantity()['value'],
            in_array($loop->task(), [IgnitionTask::RotorOff, IgnitionTask::Look], true) && $loop->rotorIsOn() && $this->state->work->doneBy(Steps::ROTOR_OFF) !== null,
            array_column($loop->spared(), 'id'), $loop->way(),
        );
    }

    private function place(?IgnitionPoint $point, int|float|null $figure): ?IgnitionPlaceShape
    {
        $rod = $this->state->sheet->geometry->rod;
        if ($point === null || $rod === null) {
            return null;
        }
        $place = IgnitionRead::placed(DialledCrank::of($this->state->sheet->geometry->stroke, $rod), $point, $figure);

        return $place === null ? null : self::at($place);
    }

    private static function at(CrankPlace $place): IgnitionPlaceShape
    {
        return new IgnitionPlaceShape($place->degrees / 1e9, $place->below / 1e6);
    }

    private function round(IgnitionRound $round): IgnitionRoundShape
    {
        $at = self::at($round->read->read);

        return new IgnitionRoundShape(
            $round->entry->id, $round->entry->by, $round->entry->at->format(SlipView::INSTANT),
            $at->degrees, $at->below, $round->said->typed, $round->said->with(),
            $round->read->verdict->state, $round->read->verdict->words, $round->read->verdict->reason, $round->staleBecause,
        );
    }

    private function plate(IgnitionLoop $loop): ?IgnitionPlateShape
    {
        $off = $loop->last()?->read->off;
        $plate = $loop->plate();

        return $off === null || $off == 0 || $plate === null ? null : new IgnitionPlateShape(
            $plate->turn($off) / 1e9, $plate->rim($off)?->quantity()['value'], $plate->way($off),
            ($off < 0 ? CamWay::Advance : CamWay::Retard),
        );
    }
}
