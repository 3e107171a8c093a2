<?php

namespace Moltrek\Core\Log\Planning;

use DateTimeImmutable;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Fitting\Verdicts;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Blockage;
use Moltrek\Core\Planning\Errand;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Planning\StepState;
use Moltrek\Core\Planning\WaitOf;
use Moltrek\Core\Sheet\Seal;
use Moltrek\Core\Sheet\SheetWait;
use Moltrek\Core\Sheet\StepKind;

/** The order of work as it stands: what is done, what can be done now, what holds the rest. */
final class Work
{
    /** @var array<string, bool> by step */
    private array $isDone = [];

    /** @var array<string, Spot>|null */
    private ?array $asked = null;

    private readonly Blockages $blockages;

    private readonly StepReadings $stepReadings;

    /** What its holds ask of verdicts. */
    public readonly VerdictQuestions $questions;

    /** @param  array<string, Spot>  $spots */
    public function __construct(
        private readonly Totals $totals,
        private readonly array $spots,
        Verdicts $verdicts,
        private readonly DateTimeImmutable $now,
    ) {
        $this->blockages = new Blockages($totals, $this);
        $this->stepReadings = new StepReadings($totals->progress, $totals->readings);
        $this->questions = new VerdictQuestions($totals, $verdicts, $this);
    }

    /** @return array<string, Step> in order */
    public function steps(): array
    {
        return $this->totals->progress->plan();
    }

    public function step(string $id): ?Step
    {
        return $this->totals->progress->step($id);
    }

    public function hold(string $id): ?Step
    {
        $step = $this->step($id);

        return $step?->kind === StepKind::Hold ? $step : null;
    }

    public function doneBy(string $step): ?Entry
    {
        return $this->totals->progress->doneBy($step);
    }

    /** Where a step stands; what was done and no longer counts is void until it is done again. */
    public function stateOf(Step $step): StepState
    {
        return match (true) {
            $this->isDone($step) => StepState::Done,
            $this->voidBecause($step) !== null || $this->stepReadings->isStaleIn($step) => StepState::Void,
            $this->openNeeds($step) !== [] => StepState::Open,
            $this->blockages($step) !== [] => StepState::Blocked,
            default => StepState::Ready,
        };
    }

    /** Whether a step can be done now: it is not done, nothing comes first and nothing holds it. */
    public function canBeDone(Step $step): bool
    {
        return ! $this->isDone($step) && $this->openNeeds($step) === [] && $this->blockages($step) === [];
    }

    /** A step that was ticked, or a measure whose places have all been read. */
    public function isDone(Step $step): bool
    {
        return $this->isDone[$step->id] ??= $this->asideBy($step) !== null || $this->isTicked($step)
            || $this->stepReadings->areAllRead($step);
    }

    /** Who said that it does not apply here. */
    public function asideBy(Step $step): ?Entry
    {
        return $this->totals->brief->asideBy($step->id);
    }

    private function isTicked(Step $step): bool
    {
        return $this->doneBy($step->id) !== null && ! $this->stepReadings->isStaleIn($step) && ! $this->isQuestioned($step);
    }

    /** A hold that was answered is open all the same while a verdict is, until what it holds has closed over it. */
    private function isQuestioned(Step $step): bool
    {
        return $step->kind === StepKind::Hold && ! $this->hasClosed($step->id) && $this->questions->open($step) !== [];
    }

    private function hasClosed(string $hold): bool
    {
        return array_filter($this->steps(), fn (Step $step): bool => $step->order->hold === $hold
            && $this->doneBy($step->id) !== null) !== [];
    }

    /** @return list<Spot> the places of a step that are still to be read for it, or read anew */
    public function unreadOf(Step $step): array
    {
        return $this->stepReadings->unreadOf($step);
    }

    /** @return list<Spot> the places that a measuring step stands for */
    public function spotsOf(Step $step): array
    {
        return $this->stepReadings->spotsOf($step);
    }

    /** @return list<string> */
    public function openNeeds(Step $step): array
    {
        $plan = $this->steps();

        return array_values(array_filter($step->order->needs, fn (string $need): bool => ! $this->isDone($plan[$need])));
    }

    public function voidBecause(Step $step): ?string
    {
        return $this->totals->progress->voidBecause($step->id);
    }

    /** @return list<Blockage> what holds a step although its needs may be met */
    public function blockages(Step $step): array
    {
        return $this->blockages->of($step);
    }

    /** @return array<int, Entry> what has been answered of a hold, by item */
    public function answersTo(string $hold): array
    {
        return $this->totals->progress->answersTo($hold);
    }

    public function aloneBy(string $hold): ?Entry
    {
        return $this->totals->progress->aloneBy($hold);
    }

    /** @return list<string> who has answered a hold */
    public function answerers(string $hold): array
    {
        return $this->totals->progress->answerers($hold);
    }

    /** Whether every step that a matter changes has been done. */
    public function isSettled(string $matter): bool
    {
        $steps = array_filter($this->steps(), static fn (Step $step): bool => $step->isDoneBy($matter));

        return $steps !== [] && array_filter($steps, fn (Step $step): bool => ! $this->isDone($step)) === [];
    }

    /** @return list<string> the steps that can be done now, best first: a bead that waits for its pull before all else */
    public function next(): array
    {
        $ready = array_filter($this->steps(), $this->canBeDone(...));
        $wet = array_filter($ready, $this->pullsBead(...));

        return array_values(array_map(static fn (Step $step): string => $step->id, $wet + $ready));
    }

    /** Whether it pulls a joint that lies in wet sealant. */
    private function pullsBead(Step $step): bool
    {
        $slab = $step->kind === StepKind::Torque && in_array($step->place->slab, $step->effect->joint->torques, true)
            ? $this->totals->sheet->stack->named($step->place->slab) : null;

        return $slab !== null && $this->totals->sheet->stack->sealOf($slab) === Seal::Sealant;
    }

    /** @return list<RunningWait> that are not over yet */
    public function waits(): array
    {
        return $this->totals->waits->running($this->now);
    }

    /** @return list<SheetWait> the sheet's waits that stand between a step and what it needs */
    public function waitsBefore(Step $step): array
    {
        $waits = [];
        foreach ($this->totals->sheet->work->waits as $wait) {
            foreach (array_intersect(WaitOf::begins($wait, $this->totals->sheet), $step->order->needs) as $after) {
                $waits[] = $wait->begunBy($after);
            }
        }

        return $waits;
    }

    /**
     * The places that this job is not done without: of a whole top end all that the sheet limits, of a narrower errand those
     * of its own steps.
     *
     * @return array<string, Spot>
     */
    public function asked(): array
    {
        return $this->asked ??= $this->whatIsAsked();
    }

    /** @return array<string, Spot> */
    private function whatIsAsked(): array
    {
        $expected = $this->totals->readings->expected();
        if (Errand::areWhole($this->totals->brief->errands())) {
            return $expected;
        }
        $own = array_column(array_merge(...array_values(array_map($this->spotsOf(...), $this->steps())), ...[[]]), 'id');

        return array_intersect_key($expected, array_flip($own));
    }

    /** How much of the known work is done, from 0 to 1: places read and steps done. */
    public function fraction(): float
    {
        $expected = $this->asked();
        $all = count($expected) + count($this->steps());
        $read = count(array_intersect_key($this->totals->readings->all(), $expected));

        return $all === 0 ? 0.0 : ($read + count(array_filter($this->steps(), $this->isDone(...)))) / $all;
    }

    /** Whether anything has been put together yet, be it undone again. */
    public function isBeingBuilt(): bool
    {
        return array_filter($this->steps(), fn (Step $step): bool => $step->kind->isAssembly()
            && ($this->isDone($step) || $this->voidBecause($step) !== null)) !== [];
    }

    /** @return array<string, Spot> */
    public function spots(): array
    {
        return $this->spots;
    }
}
