<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Judgement\Side;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\NextMove;
use Moltrek\Core\Planning\Promise;
use Moltrek\Core\Planning\SlabState;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Planning\StepState;
use Moltrek\Core\Sheet\SlabKind;

/**
 * Says the one next thing: open the engine, read what is not read, settle what is too close or out, then fit in order.
 * Source: shop practice; nothing is fitted before it is measured, and a doubt is settled before a part covers it.
 */
final readonly class Foreman
{
    public function __construct(private BuildState $state)
    {
    }

    public function nextMove(): NextMove
    {
        return $this->asFound() ?? $this->opening() ?? $this->reading() ?? $this->settling() ?? $this->fitting() ?? $this->waiting()
            ?? new NextMove('none', null, null, 'Piston, rings and barrel are fitted', 'Print the record, or go on to the head by the service manual.');
    }

    /** What came in is read before anything is taken off. */
    private function asFound(): ?NextMove
    {
        foreach ($this->state->sheet->slabs as $slab) {
            if ($this->state->slabState($slab) !== SlabState::Torqued) {
                return null;
            }
        }

        return $this->firstUnread(static fn (Spot $spot): bool => $spot->measurable->group === 'as found');
    }

    /** An engine that came in whole and on which nothing has been done yet must come apart first. */
    private function opening(): ?NextMove
    {
        $barrel = $this->state->sheet->slab(SlabKind::Barrel);
        if ($barrel === null || ! $this->state->slabState($barrel)->isInPlace() || $this->state->doneBy('barrel-down') !== null) {
            return null;
        }

        return new NextMove('lift', $barrel->id, $barrel->id, 'Take the top end down to the '.lcfirst($barrel->name), 'It came in whole; bore, piston and rings can be read once the barrel is off.');
    }

    private function reading(): ?NextMove
    {
        return $this->firstUnread(static fn (Spot $spot): bool => $spot->measurable->group !== 'as found');
    }

    /** @param  callable(Spot): bool  $belongs */
    private function firstUnread(callable $belongs): ?NextMove
    {
        foreach ($this->state->expectedSpots() as $spot) {
            if ($belongs($spot) && $this->state->entryAt($spot->id) === null && $this->state->heldUpBy($spot->id) === null) {
                return $this->atSpot($spot, $spot->name, $spot->measurable->why);
            }
        }

        return null;
    }

    private function settling(): ?NextMove
    {
        if (array_filter($this->state->steps(), fn (Step $step): bool => $this->state->doneBy($step->id) !== null) !== []) {
            return null;
        }
        foreach ($this->state->assessments() as $assessment) {
            $move = $this->settle($assessment);
            if ($move !== null) {
                return $move;
            }
        }

        return null;
    }

    private function settle(Assessment $assessment): ?NextMove
    {
        $verdict = $assessment->verdict;
        $isGap = $assessment->quantity->key === 'ring_gap';
        $mendable = $verdict?->state === State::Unsure || ($isGap && $verdict?->state === State::Out && $verdict->side === Side::Low);
        if ($verdict === null || ! $mendable) {
            return null;
        }
        $spot = $this->state->spots[$assessment->spots[count($assessment->spots) - 1]];
        $filing = $verdict->state === State::Out ? $assessment->filing?->written() : null;

        return $this->atSpot($spot, $filing === null ? $assessment->name.': too close to call' : $assessment->name.': file it open', $filing ?? $verdict->action ?? $verdict->reason);
    }

    private function fitting(): ?NextMove
    {
        foreach ($this->state->steps() as $step) {
            if ($this->state->stepState($step) === StepState::Ready) {
                return new NextMove('step', $step->id, $step->slab, $step->name, $step->why);
            }
        }

        return null;
    }

    private function waiting(): ?NextMove
    {
        $part = $this->state->partsOnOrder()[0] ?? null;

        return $part === null ? null
            : new NextMove('wait', null, null, 'Waiting for '.lcfirst($part->part), $part->promised === null ? 'Ordered, no day promised.' : 'Promised for '.Promise::dayInWords($part->promised).'.');
    }

    private function atSpot(Spot $spot, string $text, string $why): NextMove
    {
        return new NextMove('spot', $spot->id, $this->state->slabOf($spot)->id, $text, $why);
    }
}
