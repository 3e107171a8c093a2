<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Fitting\Assessor;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Fitting\Acceptance;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Bank;
use Moltrek\Core\Planning\Errand;
use Moltrek\Core\Planning\Scope;
use Moltrek\Core\Planning\ShimWork;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\Valve;

/**
 * Whether the shims of an engine are settled, and what that leaves to be done. Settled by a choice, or, where no valve is worked, by
 * clearances that all are inside or accepted: then the cams stay in. A clearance that comes out wrong with the cams in asks for
 * another choice. Source: shop practice.
 */
final readonly class ShimReview
{
    /** @var array<string, Assessment> of the clearances that stand, by valve */
    private array $read;

    /** @param  array<string, Spot>  $spots */
    public function __construct(private Totals $totals, array $spots)
    {
        $lashes = array_filter($spots, static fn (Spot $spot): bool => $spot->is('valve_lash'));
        $readings = array_intersect_key($totals->readings->all(), $lashes);
        $assessed = (new Assessor($totals->sheet, $lashes, $readings, $totals->decisions->choices()))->all();
        $read = [];
        foreach ($totals->sheet->valveTrain->valves as $valve) {
            $spot = ValveSteps::spot($valve->cylinder, $valve->id);
            if (isset($readings[$spot], $assessed[$spot])) {
                $read[$valve->id] = $assessed[$spot];
            }
        }
        $this->read = $read;
    }

    /** What the order of work is composed from. */
    public function work(): ShimWork
    {
        $scope = new Scope($this->totals->sheet, $this->totals->brief->errands());
        if (! $scope->isShimmed()) {
            return new ShimWork;
        }
        $asked = ! $scope->shimsAreChosen() && ($this->wrong() !== [] || $this->decision() !== null);
        $maySettle = ! $scope->fromPieces && ! $scope->has(Errand::Cam) && $scope->slabs(SlabKind::Head) === [];
        if (! $maySettle || ! $this->isSettledWithoutChange($scope)) {
            return new ShimWork(isAskedAgain: $asked);
        }
        $staying = array_filter($scope->banks, fn (Bank $bank): bool => ! $this->isBegun($bank));

        return new ShimWork(
            array_values(array_map(static fn (Bank $bank): string => $bank->suffix, $staying)),
            array_values(array_map(static fn (Bank $bank): string => $bank->suffix, array_filter($staying,
                fn (Bank $bank): bool => $this->totals->progress->doneBy('off.marks'.$bank->suffix) !== null))),
            $asked,
        );
    }

    /** Whether the step of the choice is done: by a choice that nothing has been read against since, or by the readings alone. */
    public function isSettled(): bool
    {
        $scope = new Scope($this->totals->sheet, $this->totals->brief->errands());

        return $this->isDecided() || $this->isSettledWithoutChange($scope);
    }

    /** By what the shims were chosen last: for each valve, or only said to be. */
    private function decision(): ?Entry
    {
        $ticked = $this->totals->progress->doneBy(ValveSteps::DECIDED);
        $decided = $this->totals->clearances->decidedBy();
        $isSaid = $ticked !== null && $ticked !== $this->totals->clearances->settledBy();

        return $isSaid && ($decided === null || $ticked->isAfter($decided)) ? $ticked : $decided;
    }

    /** Whether shims were chosen, and no clearance came out wrong after that. */
    private function isDecided(): bool
    {
        return $this->decision() !== null && $this->wrong() === [];
    }

    private function isSettledWithoutChange(Scope $scope): bool
    {
        if ($this->decision() !== null) {
            return $this->isDecided() && $this->decision() === $this->totals->clearances->decidedBy()
                && $this->totals->clearances->chosen() === [];
        }
        $valves = $this->totals->sheet->valveTrain->valves;

        return ! $scope->worksValves() && count($this->read) === count($valves)
            && array_filter($valves, fn (Valve $valve): bool => ! $this->isInside($this->read[$valve->id])) === [];
    }

    private function isInside(Assessment $read): bool
    {
        return in_array($read->verdict?->state, [State::Within, State::Worn], true) || Acceptance::of($read, $this->totals) !== null;
    }

    /** @return list<string> the valves whose clearance is out, not accepted, and read after the shims were last chosen */
    private function wrong(): array
    {
        $decided = $this->decision();
        $wrong = array_filter($this->read, fn (Assessment $read): bool => $read->verdict?->state === State::Out
            && Acceptance::of($read, $this->totals) === null
            && ($decided === null || $this->entryOf($read)?->isAfter($decided) === true));

        return array_map(strval(...), array_keys($wrong));
    }

    private function entryOf(Assessment $read): ?Entry
    {
        return $this->totals->readings->entryAt($read->lastSpot());
    }

    /** Whether the cams of a head were let go: then they go back in. */
    private function isBegun(Bank $bank): bool
    {
        $off = array_filter($bank->holders, fn (Slab $holder): bool => ! $this->totals->slabs->of($holder)->isInPlace());
        $done = array_filter(['off.tensioner', 'off.cam', 'off.shims'],
            fn (string $step): bool => $this->totals->progress->doneBy($step.$bank->suffix) !== null);

        return $off !== [] || $done !== [];
    }
}
