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
            cylinder: $cylinder,
            name: $cylinder === null ? 'Ignition point' : ucfirst($this->state->sheet->cylinder($cylinder)->name ?? $cylinder),
            setBy: $ignition->setBy,
            point: $point?->inWords(),
            low: $this->place($point, $limit?->min),
            aim: $this->place($point, $point?->stated->aim()),
            high: $this->place($point, $limit?->max),
            rounds: array_map($this->round(...), $loop->rounds()),
            task: $loop->task(),
            step: TimingSteps::shape($this->state, $loop->step()),
            headline: $loop->headline(),
            advice: $loop->advice(),
            plate: $this->plate($loop),
            rotation: $ignition->rotation,
            seenFrom: $ignition->seenFrom,
            radius: $ignition->plateRadius?->quantity()['value'],
            rotorOffAgain: in_array($loop->task(), [IgnitionTask::RotorOff, IgnitionTask::Look], true) && $loop->rotorIsOn() && $this->state->work->doneBy(Steps::ROTOR_OFF) !== null,
            spared: array_column($loop->spared(), 'id'),
            way: $loop->way(),
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
            entry: $round->entry->id,
            by: $round->entry->by,
            at: $round->entry->at->format(SlipView::INSTANT),
            degrees: $at->degrees,
            below: $at->below,
            typed: $round->said->typed,
            with: $round->said->with(),
            state: $round->read->verdict->state,
            words: $round->read->verdict->words,
            reason: $round->read->verdict->reason,
            stale: $round->staleBecause,
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
