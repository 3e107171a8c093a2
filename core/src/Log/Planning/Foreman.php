<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Judgement\Side;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\NextMove;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Planning\StepState;
use Moltrek\Core\Sheet\StepKind;

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
        return $this->underWay() ?? $this->asFound() ?? $this->begunMeasure() ?? $this->settling() ?? $this->planned() ?? $this->unread()
            ?? $this->waiting()
            ?? new NextMove('none', null, null, 'Everything is done', 'Print the record and hand over what stays open.');
    }

    /** A joint that is being pulled is pulled to its end before anything else. */
    private function underWay(): ?NextMove
    {
        $run = $this->state->runs->underWay();
        $step = $run === null ? null : $this->state->work->step($run->step);
        if ($run === null || $step === null) {
            return null;
        }
        [$due, $asked] = [$run->next(), $run->asked()];
        $stage = ($run->current() ?? 0) + 1;
        $text = $run->programme->groups[0]->name.sprintf(', stage %d of %d', $stage, count($run->programme->passes));

        return new NextMove('step', $step->id, $step->place->slab, $due === null ? $text : $text.': '.$due->bolt, match (true) {
            $asked !== null => ($run->verdictOnAsked()?->headline($asked->pull->bolt) ?? '').': settle that first.',
            $due !== null => $run->programme->passes[$due->pass]->words().'.',
            default => $step->words->why,
        });
    }

    /** What came in is read before anything is taken off. */
    private function asFound(): ?NextMove
    {
        foreach ($this->state->work->steps() as $step) {
            $unread = $step->asks->asFound && $this->state->work->canBeDone($step) ? $this->state->work->unreadOf($step)[0] ?? null : null;
            if ($unread !== null && $this->state->parts->heldUpBy($unread->id) === null) {
                return $this->atSpot($unread, $unread->name, $unread->measurable->why);
            }
        }

        return null;
    }

    /** A sheet that has been begun is read to its end. */
    private function begunMeasure(): ?NextMove
    {
        foreach ($this->state->work->steps() as $step) {
            $spots = $this->state->work->spotsOf($step);
            $read = array_filter($spots, fn (Spot $spot): bool => $this->isRead($spot));
            if ($step->kind === StepKind::Measure && $read !== [] && ! $this->state->work->isDone($step)) {
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
        foreach ($this->state->work->asked() as $spot) {
            if ($belongs($spot) && ! $this->isRead($spot) && $this->state->parts->heldUpBy($spot->id) === null) {
                return $this->atSpot($spot, $spot->name, $spot->measurable->why);
            }
        }

        return null;
    }

    /** A doubt is settled before a part covers it. */
    private function settling(): ?NextMove
    {
        foreach ($this->state->verdicts->all() as $assessment) {
            $spot = $this->state->spots[$assessment->lastSpot()];
            if ($this->state->work->questions->acceptanceOf($assessment) !== null) {
                continue;
            }
            $covered = $this->isCovered($spot) && $spot->measurable->laid->group !== 'cam';
            $move = $covered ? null : $this->settle($assessment, $spot);
            if ($move !== null) {
                return $move;
            }
        }

        return null;
    }

    private function settle(Assessment $assessment, Spot $spot): ?NextMove
    {
        $verdict = $assessment->verdict;
        $tooTight = $verdict?->state === State::Out && $verdict->side === Side::Low;
        if ($verdict === null || ($verdict->state !== State::Unsure && ! ($spot->is('ring_gap') && $tooTight))) {
            return null;
        }
        $filing = $verdict->state === State::Out ? $assessment->filing?->written() : null;
        $what = $filing === null ? ': too close to call' : ': file it open';

        return $this->atSpot($spot, $assessment->subject->name.$what, $filing ?? $verdict->action ?? $verdict->reason);
    }

    /** The first step of the plan that can be done. */
    private function planned(): ?NextMove
    {
        foreach ($this->state->work->next() as $id) {
            $step = $this->state->work->steps()[$id];
            $slab = $step->place->slab;
            if ($step->effect->joint->lifts !== null) {
                return new NextMove('lift', $slab, $slab, $step->words->name, $step->words->why);
            }
            $question = $this->state->work->questions->open($step)[0] ?? null;
            if ($question !== null) {
                return new NextMove('step', $step->id, $slab, $question->subject->name.': '.lcfirst($question->verdict->words ?? ''),
                    ($question->verdict->reason ?? '').' Settle it, or accept it by name.');
            }
            $spots = $this->state->work->spotsOf($step);
            $unread = array_values(array_filter(
                $this->state->work->unreadOf($step),
                fn (Spot $spot): bool => $this->state->parts->heldUpBy($spot->id) === null,
            ))[0] ?? null;
            if ($unread !== null) {
                return $this->atSpot($unread, $unread->name, $unread->measurable->why);
            }
            if ($spots === [] || $this->state->work->unreadOf($step) === []) {
                return new NextMove('step', $step->id, $slab, $step->words->name, $step->words->why);
            }
        }

        return null;
    }

    /** What no step asks for and the sheet limits all the same. */
    private function unread(): ?NextMove
    {
        $asked = array_merge(...array_map($this->state->work->spotsOf(...), array_values($this->state->work->steps())), ...[[]]);

        return $this->firstUnread(fn (Spot $spot): bool => $spot->measurable->laid->group !== 'as found'
            && ! in_array($spot, $asked, true) && ! $this->isCovered($spot));
    }

    private function waiting(): ?NextMove
    {
        $wait = array_values(array_filter($this->state->work->waits(), $this->holdsSomething(...)))[0] ?? null;
        if ($wait !== null) {
            $slab = $this->state->work->step($wait->wait->after)?->place->slab;

            return new NextMove(
                'wait',
                $wait->wait->id,
                $slab,
                $wait->wait->name,
                $wait->wait->seen === null ? 'It runs by the clock.' : 'Over when '.$wait->wait->seen.'.',
            );
        }
        $part = $this->state->parts->onOrder()[0] ?? null;
        if ($part !== null) {
            $promised = $part->promised;

            return new NextMove(
                'wait',
                null,
                null,
                'Waiting for '.lcfirst($part->part),
                $promised === null ? 'Ordered, no day promised.' : 'Promised for '.$promised->inWords().'.',
            );
        }

        return $this->blocked();
    }

    /** Whether a step of this job waits for it: what nothing waits for runs by itself, and is no next move. */
    private function holdsSomething(RunningWait $running): bool
    {
        return array_filter($this->state->work->steps(), fn (Step $step): bool => $running->wait->isFor($step->id, $step->order->needs)
            && ! $this->state->work->isDone($step)) !== [];
    }

    private function blocked(): ?NextMove
    {
        foreach ($this->state->work->steps() as $step) {
            $blocked = $this->state->work->stateOf($step) === StepState::Blocked ? $this->state->work->blockages($step)[0] ?? null : null;
            if ($blocked !== null && $blocked->kind !== 'access') {
                return new NextMove('wait', $step->id, $step->place->slab, $step->words->name, $blocked->why);
            }
        }

        return null;
    }

    private function isRead(Spot $spot): bool
    {
        return $this->state->readings->at($spot->id) !== null;
    }

    private function isCovered(Spot $spot): bool
    {
        return $this->state->slabs->of($this->state->readings->slabOf($spot))->isInPlace();
    }

    private function atSpot(Spot $spot, string $text, string $why): NextMove
    {
        return new NextMove('spot', $spot->id, $this->state->readings->slabOf($spot)->id, $text, $why);
    }
}
