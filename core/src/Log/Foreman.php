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
use Moltrek\Core\Planning\StepKind;
use Moltrek\Core\Planning\StepState;

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
        return $this->asFound() ?? $this->begunMeasure() ?? $this->settling() ?? $this->planned() ?? $this->unread() ?? $this->waiting()
            ?? new NextMove('none', null, null, 'Everything is done', 'Print the record and hand over what stays open.');
    }

    /** What came in is read before anything is taken off. */
    private function asFound(): ?NextMove
    {
        foreach ($this->state->sheet->slabs as $slab) {
            if ($this->state->slabState($slab) !== SlabState::Torqued) {
                return null;
            }
        }
        $begun = array_filter($this->state->steps(), fn (Step $step): bool => $step->kind->isAssembly() && $this->state->isDone($step));

        return $begun === [] ? $this->firstUnread(static fn (Spot $spot): bool => $spot->measurable->group === 'as found') : null;
    }

    /** A sheet that has been begun is read to its end. */
    private function begunMeasure(): ?NextMove
    {
        foreach ($this->state->steps() as $step) {
            $spots = $this->state->spotsOf($step);
            $read = array_filter($spots, fn (Spot $spot): bool => $this->state->entryAt($spot->id) !== null);
            if ($step->kind === StepKind::Measure && $read !== [] && ! $this->state->isDone($step)) {
                $move = $this->firstUnread(static fn (Spot $spot): bool => in_array($spot, $spots, true));
                if ($move !== null) {
                    return $move;
                }
            }
        }

        return null;
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

    /** A doubt is settled before a part covers it. */
    private function settling(): ?NextMove
    {
        foreach ($this->state->assessments() as $assessment) {
            $spot = $this->state->spots[$assessment->spots[count($assessment->spots) - 1]];
            $covered = $this->state->slabState($this->state->slabOf($spot))->isInPlace() && $spot->measurable->group !== 'cam';
            $move = $covered ? null : $this->settle($assessment);
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

    /** The first step of the plan that can be done. */
    private function planned(): ?NextMove
    {
        foreach ($this->state->nextSteps() as $id) {
            $step = $this->state->steps()[$id];
            if (str_starts_with($id, 'off.')) {
                return new NextMove('lift', $step->slab, $step->slab, $step->name, $step->why);
            }
            $spots = $this->state->spotsOf($step);
            $move = $spots === [] ? null : $this->firstUnread(static fn (Spot $spot): bool => in_array($spot, $spots, true));
            if ($spots !== [] && $move === null) {
                continue;
            }

            return $move ?? new NextMove('step', $step->id, $step->slab, $step->name, $step->why);
        }

        return null;
    }

    /** What no step asks for and the sheet limits all the same. */
    private function unread(): ?NextMove
    {
        $asked = array_merge(...array_map($this->state->spotsOf(...), array_values($this->state->steps())), ...[[]]);
        $reachable = fn (Spot $spot): bool => $spot->measurable->group !== 'as found' && ! in_array($spot, $asked, true) && ! $this->state->slabState($this->state->slabOf($spot))->isInPlace();

        return $this->firstUnread($reachable);
    }

    private function waiting(): ?NextMove
    {
        $wait = $this->state->waits()[0] ?? null;
        if ($wait !== null) {
            return new NextMove('wait', $wait->wait->id, $this->state->steps()[$wait->wait->after]->slab ?? null, $wait->wait->name, $wait->wait->seen === null ? 'It runs by the clock.' : 'Over when '.$wait->wait->seen.'.');
        }
        $part = $this->state->partsOnOrder()[0] ?? null;
        if ($part !== null) {
            return new NextMove('wait', null, null, 'Waiting for '.lcfirst($part->part), $part->promised === null ? 'Ordered, no day promised.' : 'Promised for '.Promise::dayInWords($part->promised).'.');
        }
        foreach ($this->state->steps() as $step) {
            $blocked = $this->state->stepState($step) === StepState::Blocked ? $this->state->blockages($step)[0] ?? null : null;
            if ($blocked !== null && $blocked->kind !== 'access') {
                return new NextMove('wait', $step->id, $step->slab, $step->name, $blocked->why);
            }
        }

        return null;
    }

    private function atSpot(Spot $spot, string $text, string $why): NextMove
    {
        return new NextMove('spot', $spot->id, $this->state->slabOf($spot)->id, $text, $why);
    }
}
