<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Log\Totals;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Blockage;
use Moltrek\Core\Planning\SlabState;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;

/** What holds a step that would otherwise be next: a hold, a part, a wait, a debt, the ledger, or access. */
final readonly class Blockages
{
    public function __construct(private Totals $totals, private Work $work)
    {
    }

    /** @return list<Blockage> */
    public function of(Step $step): array
    {
        return [
            ...$this->parts($step), ...$this->waits($step),
            ...$this->ledger($step), ...$this->debts($step), ...$this->access($step),
            ...$this->thickness($step), ...$this->lifters($step),
        ];
    }

    /** @return list<Blockage> */
    private function parts(Step $step): array
    {
        $lacking = $this->totals->parts->lacking($step->id, $this->totals->decisions->partsOf($step));

        return array_map(
            static fn (string|int $part, string $why): Blockage => new Blockage('part', (string) $part, $why),
            array_keys($lacking),
            $lacking,
        );
    }

    /** @return list<Blockage> */
    private function waits(Step $step): array
    {
        $running = array_filter(
            $this->work->waits(),
            static fn (RunningWait $wait): bool => $wait->wait->isFor($step->id, $step->order->needs),
        );

        return array_values(array_map(static function (RunningWait $wait): Blockage {
            $until = $wait->wait->seen === null ? '.' : ', until '.$wait->wait->seen.'.';

            return new Blockage('wait', $wait->wait->id, $wait->wait->name.$until);
        }, $running));
    }

    /**
     * What would be hidden by a slab stops it from going on; what stands in the way of the crank stops it from being turned.
     *
     * @return list<Blockage>
     */
    private function ledger(Step $step): array
    {
        $settles = $this->totals->sheet->stack->named($step->effect->joint->settles ?? '');
        $hides = fn (LedgerItem $item): bool => ($settles !== null && ! $settles->kind->isGasket()
            && $this->totals->sheet->stack->standsOn($settles->id, $item->slab))
            || ($step->effect->turning->turns && $this->totals->sheet->stack->named($item->slab)?->kind === SlabKind::Case);

        return array_values(array_map(
            static fn (LedgerItem $item): Blockage => new Blockage('ledger', $item->what, $item->why()),
            array_filter($this->totals->ledger->items(), $hides),
        ));
    }

    /**
     * Where loaded lifters have not bled down the crank is not turned, nor are those of another box loaded: they want their
     * own dead centre. What their bleeding down itself waits for is not held by it, or neither could ever be done: that comes of
     * a lift that undid the one and left the other.
     *
     * @return list<Blockage>
     */
    private function lifters(Step $step): array
    {
        $turning = $step->effect->turning;
        $blocked = [];
        $asks = $turning->turns || $turning->loads !== [];
        foreach ($asks ? array_diff($this->loaded(), $turning->loads, $turning->beside) : [] as $cylinder) {
            if ($this->waitsFor('set.rods.'.$cylinder, $step->id)) {
                continue;
            }
            $name = $this->totals->sheet->cylinder($cylinder)->name ?? $cylinder;
            $blocked[] = new Blockage('access', 'set.rods.'.$cylinder,
                ucfirst($name).': its lifters are loaded; the crank is not turned until its rods spin by finger.');
        }

        return $blocked;
    }

    /** Whether a step waits for another, through what is not done yet. */
    private function waitsFor(string $id, string $other): bool
    {
        $seen = [];
        $open = [$id];
        while ($open !== []) {
            $step = $this->work->step(array_pop($open));
            foreach ($step === null ? [] : $this->work->openNeeds($step) as $need) {
                if ($need === $other) {
                    return true;
                }
                if (! isset($seen[$need])) {
                    $seen[$need] = true;
                    $open[] = $need;
                }
            }
        }

        return false;
    }

    /** @return list<string> cylinders whose lifters are loaded and not yet said to have bled down */
    private function loaded(): array
    {
        $loaded = $freed = [];
        foreach ($this->work->steps() as $step) {
            if ($step->effect->turning->loads !== [] && $this->work->isDone($step)) {
                array_push($loaded, ...$step->effect->turning->loads);
            }
            if ($step->effect->turning->frees !== [] && $this->work->isDone($step)) {
                array_push($freed, ...$step->effect->turning->frees);
            }
        }

        return array_values(array_diff(array_unique($loaded), $freed));
    }

    /** @return list<Blockage> */
    private function debts(Step $step): array
    {
        $hold = $step->order->hold === null ? null : $this->work->step($step->order->hold);
        $isLast = $hold !== null && $hold->asks->nothingOwed;
        $stops = array_filter($this->totals->ledger->debts(), fn (Debt $debt): bool => $this->work->step($debt->release) === null
            ? $isLast : $debt->release === $step->id);

        return array_values(array_map(
            static fn (Debt $debt): Blockage => new Blockage(
                'debt',
                $debt->what,
                ucfirst($debt->what).' is owed its torque: '.$debt->reason.'.',
            ),
            $stops,
        ));
    }

    /**
     * A crown is not read over what is not to stay there: the barrel comes off first where another thickness below it is decided.
     *
     * @return list<Blockage>
     */
    private function thickness(Step $step): array
    {
        $blocked = [];
        $crowns = array_filter($this->work->spotsOf($step), static fn (Spot $spot): bool => $spot->form()->isOfCrown());
        foreach ($crowns === [] ? [] : $this->totals->thicknesses->jointsOf($step->place->cylinder ?? '') as $joint) {
            if ($joint->kind->isBelowBarrel() && $this->totals->thicknesses->isToBeChanged($joint->id)) {
                $decided = $this->totals->thicknesses->decidedAt($joint->id)?->inWords() ?? '';
                $blocked[] = new Blockage('access', $joint->id,
                    'The barrel comes off once more: '.$decided.' is decided, '.$this->totals->thicknesses->at($joint->id)->inWords()
                    .' lies there.');
            }
        }

        return $blocked;
    }

    /** @return list<Blockage> */
    private function access(Step $step): array
    {
        $slab = $step->place->slab;
        if ($step->asks->asFound && $this->totals->slabs->named($slab) === SlabState::Off) {
            return [new Blockage('access', $slab, 'It has come apart; this can no longer be read as it came in.')];
        }
        $closes = $this->totals->sheet->stack->named($step->effect->joint->settles ?? '');
        $under = $closes === null
            ? [] : array_filter($this->totals->sheet->stack->slabs,
                fn (Slab $under): bool => $this->totals->slabs->of($under) === SlabState::Provisional
            && $this->totals->sheet->stack->standsOn($closes->id, $under->id));

        return array_values(array_map(
            static fn (Slab $slab): Blockage => new Blockage(
                'access',
                $slab->id,
                $slab->name.' is only on to read or set something; take it off or fit it.',
            ),
            $under,
        ));
    }
}
