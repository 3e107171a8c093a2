<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Log\Chamber\Thicknesses;
use Moltrek\Core\Log\Closing\Closing;
use Moltrek\Core\Log\Closing\Proofs;
use Moltrek\Core\Log\Closing\RunningIn;
use Moltrek\Core\Log\Closing\Trials;
use Moltrek\Core\Log\Fitting\Decisions;
use Moltrek\Core\Log\Fitting\Marks;
use Moltrek\Core\Log\Measuring\Readings;
use Moltrek\Core\Log\Parts\PartsBin;
use Moltrek\Core\Log\Parts\SpentPart;
use Moltrek\Core\Log\Planning\Brief;
use Moltrek\Core\Log\Planning\Debt;
use Moltrek\Core\Log\Planning\Ledger;
use Moltrek\Core\Log\Planning\Progress;
use Moltrek\Core\Log\Planning\Schools;
use Moltrek\Core\Log\Planning\Slabs;
use Moltrek\Core\Log\Planning\StepReadings;
use Moltrek\Core\Log\Planning\Waits;
use Moltrek\Core\Log\Timing\Timings;
use Moltrek\Core\Log\Torquing\Runs;
use Moltrek\Core\Log\ValveGear\Clearances;
use Moltrek\Core\Log\ValveGear\ShimReview;
use Moltrek\Core\Log\ValveGear\ValveSteps;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Basis;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Planning\Scope;
use Moltrek\Core\Planning\ShimWork;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Torquing\Run;

/** The running totals of a replay, one object a chapter. What a lift or an act takes back is handed to each of them. */
final class Totals
{
    public readonly Readings $readings;

    public readonly Decisions $decisions;

    public readonly Marks $marks;

    public readonly Schools $schools;

    public readonly Brief $brief;

    public readonly Progress $progress;

    public readonly Slabs $slabs;

    public readonly Waits $waits;

    public readonly Ledger $ledger;

    public readonly PartsBin $parts;

    public readonly Closing $closing;

    public readonly Runs $runs;

    public readonly Thicknesses $thicknesses;

    public readonly Timings $timings;

    public readonly Clearances $clearances;

    public readonly Proofs $proofs;

    public readonly RunningIn $runIn;

    public readonly Trials $trials;

    private ShimWork $shims;

    /** @param  array<string, Spot>  $spots */
    public function __construct(public readonly EngineSheet $sheet, private readonly array $spots, Basis $given = new Basis)
    {
        $this->readings = new Readings($sheet, $spots);
        $this->thicknesses = new Thicknesses($sheet);
        $this->decisions = new Decisions($sheet, $this->thicknesses);
        $this->marks = new Marks;
        $this->schools = new Schools($sheet);
        $this->brief = new Brief;
        $this->progress = new Progress(fn (): array => $this->plan());
        $this->slabs = new Slabs($sheet);
        $this->waits = new Waits;
        $this->ledger = new Ledger;
        $this->parts = new PartsBin;
        $this->closing = new Closing;
        $this->runs = new Runs;
        $this->timings = new Timings($sheet);
        $this->clearances = new Clearances($sheet);
        $this->proofs = new Proofs($sheet);
        $this->runIn = new RunningIn;
        $this->trials = new Trials;
        $this->shims = $given->shims;
        $this->brief->isFor($given->errands);
        $this->decisions->foresee($given->bores);
        $scope = new Scope($sheet, $given->errands);
        if ($scope->fromPieces) {
            $this->slabs->comeIn(array_column($scope->slabs(), 'id'), []);
        }
    }

    /** A step is done: what it puts in place lies there, what it takes is fitted, what it begins runs. */
    public function finish(Step $step, Entry $entry): void
    {
        $this->progress->tick($step, $entry);
        if ($step->kind->isWork()) {
            $this->readings->work($entry);
        }
        $this->slabs->after($step);
        $this->thicknesses->after($step);
        $this->parts->fit($this->decisions->partsOf($step));
        $this->waits->after($step->id, $this->sheet, $entry);
    }

    /** A step that what was entered answers: it is done with it, where it is its turn. */
    public function finishReady(string $id, Entry $entry): bool
    {
        $step = $this->progress->step($id);
        if ($step === null || $this->isSettled($id) || array_filter($step->order->needs, $this->isSettled(...)) !== $step->order->needs) {
            return false;
        }
        $this->finish($step, $entry);

        return true;
    }

    /** What a step has waited for until something was seen is over with it. */
    public function endWaitsFor(string $id, Entry $entry): void
    {
        $step = $this->progress->step($id);
        if ($step !== null) {
            $this->waits->seeAllFor($step, $entry);
        }
    }

    /** Whether a step was ticked, put aside, or all its places read. */
    private function isSettled(string $id): bool
    {
        $step = $this->progress->step($id);

        return $this->progress->doneBy($id) !== null || $this->brief->asideBy($id) !== null
            || ($step !== null && (new StepReadings($this->progress, $this->readings))->areAllRead($step));
    }

    /** A step that was done, and is no more. */
    public function reopen(string $id, string $why): void
    {
        $step = $this->progress->step($id);
        if ($step !== null && $this->progress->doneBy($id) !== null) {
            $this->progress->reopen($step, $why);
        }
    }

    /** A run has gone on: its step is done with it when it is complete, and no more when it is not; what it passed by is owed. */
    public function pulled(Run $run, bool $wasComplete, Entry $entry): void
    {
        $this->settleDebts($run, $entry);
        $step = $this->progress->step($run->step);
        if ($step !== null && ! $wasComplete && $run->isComplete()) {
            $this->finish($step, $entry);
        }
        if ($step !== null && ! $run->isComplete() && ($wasComplete || $run->whyVoid() !== null)) {
            $this->progress->reopen($step, $run->whyVoid() ?? 'a fastener was replaced');
            $this->slabs->ease($step);
        }
    }

    /** A slab that was on for now had crushed the new gaskets laid under it: they are spent although nothing was fitted for good. */
    public function spendUnder(string $slab, Entry $entry): void
    {
        foreach ($this->sheet->stack->named($slab)->on ?? [] as $under) {
            $laid = $this->sheet->stack->named($under)?->kind->isGasket() === true ? $this->thicknesses->at($under)->names() : [];
            foreach ($laid as $part) {
                $this->parts->spend(new SpentPart($part, 'crushed to read on', $slab, $entry));
            }
        }
    }

    private function settleDebts(Run $run, Entry $entry): void
    {
        $owed = $run->whyVoid() === null ? array_column($run->owed(), null, 'bolt') : [];
        foreach ($run->programme->bolts as $bolt) {
            $what = $bolt->id.', '.lcfirst($run->programme->groups[0]->name);
            if (isset($owed[$bolt->id])) {
                $this->ledger->owe(new Debt($what, $owed[$bolt->id]->reason, $owed[$bolt->id]->release, $entry));
            } else {
                $this->ledger->pay($what);
            }
        }
    }

    public function undo(Undone $undone): void
    {
        $this->parts->undo($undone, $this->progress->standing());
        $this->readings->undo($undone);
        $this->marks->undo($undone, $this->sheet);
        $this->thicknesses->undo($undone);
        $taken = $this->progress->undo($undone);
        $this->waits->forget($taken);
        foreach ([$this->timings, $this->clearances, $this->proofs, $this->runIn] as $chapter) {
            $chapter->undo($undone, $taken);
        }
        $this->slabs->undo($undone);
        foreach ($this->runs->undo($undone, $this->progress->plan()) as $void) {
            $this->pulled($void, false, $undone->by);
        }
        $this->reviewShims($undone->by);
    }

    /**
     * How the machine came in: what its job opens is off already, or only what somebody had taken off before.
     *
     * @param  list<string>  $off
     */
    public function comeIn(bool $apart, array $off, Entry $entry): void
    {
        $scope = new Scope($this->sheet, $this->brief->errands());
        $slabs = $apart ? array_column($scope->slabs(), 'id')
            : array_merge(...array_map(fn (string $slab): array => [$slab, ...$this->sheet->stack->above($slab)], $off), ...[[]]);
        $this->slabs->comeIn($slabs, array_column($scope->slackened(), 'id'));
        $this->progress->cameApart($slabs, $apart, $entry);
    }

    /** The order of work as it is after a choice. */
    public function replan(): void
    {
        $this->progress->recompose();
    }

    /** From what the order of work is composed. */
    public function basis(): Basis
    {
        return new Basis($this->brief->errands(), $this->schools->all(), $this->decisions->boreJobs(), $this->brief->own(), $this->shims,
            $this->brief->mishaps());
    }

    /** Something was read, accepted, chosen or lifted on which it hangs whether the cams have to come out for shims. */
    public function reviewShims(Entry $entry): void
    {
        if (! (new Scope($this->sheet, $this->brief->errands()))->isShimmed()) {
            return;
        }
        $review = new ShimReview($this, $this->spots);
        $work = $review->work();
        if ($work != $this->shims) {
            $this->shims = $work;
            $this->replan();
        }
        if ($review->isSettled()) {
            if ($this->finishReady(ValveSteps::DECIDED, $entry) && $entry !== $this->clearances->decidedBy()) {
                $this->clearances->settle($entry);
            }
        } else {
            $this->reopen(ValveSteps::DECIDED, 'a clearance came out wrong');
        }
    }

    /** @return array<string, Step> */
    private function plan(): array
    {
        return Plan::of($this->sheet, $this->basis());
    }
}
