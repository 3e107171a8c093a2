<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Planning\Blockage;
use Moltrek\Core\Planning\SlabState;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Planning\StepKind;

/** What holds a step that would otherwise be next: a hold, a part, a wait, a debt, the ledger, or access. */
final readonly class Blockages
{
    public function __construct(private BuildState $state, private Fold $fold)
    {
    }

    /** @return list<Blockage> */
    public function of(Step $step): array
    {
        return [...$this->hold($step), ...$this->parts($step), ...$this->waits($step), ...$this->ledger($step), ...$this->debts($step), ...$this->access($step)];
    }

    /** @return list<Blockage> */
    private function hold(Step $step): array
    {
        $hold = $step->hold === null ? null : $this->fold->plan[$step->hold] ?? null;
        if ($hold === null || $this->state->isDone($hold)) {
            return [];
        }
        $left = count($hold->asks) - count($this->fold->answers[$hold->id] ?? []);
        if ($left === 0) {
            return [new Blockage('hold', $hold->id, $hold->name.': a second person has to look.')];
        }

        return [new Blockage('hold', $hold->id, $hold->name.': '.($left === 1 ? 'one thing is' : $left.' things are').' still to be seen.')];
    }

    /** @return list<Blockage> */
    private function parts(Step $step): array
    {
        $lacking = $this->fold->parts->lacking($step->id, $this->fold->partsOf($step));

        return array_map(static fn (string $part, string $why): Blockage => new Blockage('part', $part, $why), array_keys($lacking), $lacking);
    }

    /** @return list<Blockage> */
    private function waits(Step $step): array
    {
        $running = array_filter($this->state->waits(), static fn (RunningWait $wait): bool => in_array($wait->wait->after, $step->needs, true) || ($wait->wait->holds !== '' && $wait->wait->holds === $step->id));

        return array_values(array_map(static fn (RunningWait $wait): Blockage => new Blockage('wait', $wait->wait->id, $wait->wait->name.($wait->wait->seen === null ? '.' : ', until '.$wait->wait->seen.'.')), $running));
    }

    /**
     * What lies under a slab stops it from closing.
     *
     * @return list<Blockage>
     */
    private function ledger(Step $step): array
    {
        if ($step->hold === null) {
            return [];
        }
        $height = $this->state->sheet->heightOf($step->slab) ?? 0;
        $under = array_filter($this->fold->ledger, static fn (Ledger $item): bool => $item->height <= $height);

        return array_values(array_map(static fn (Ledger $item): Blockage => new Blockage('ledger', $item->what, $item->dropped ? ucfirst($item->what).' was dropped and is not found.' : ucfirst($item->what).' is still in.'), $under));
    }

    /** @return list<Blockage> */
    private function debts(Step $step): array
    {
        if ($step->hold !== 'hold.cover' && $step->hold !== 'hold.start') {
            return [];
        }

        return array_values(array_map(static fn (Debt $debt): Blockage => new Blockage('debt', $debt->what, ucfirst($debt->what).' is owed its torque: '.$debt->reason.'.'), $this->fold->debts));
    }

    /** @return list<Blockage> */
    private function access(Step $step): array
    {
        if (str_starts_with($step->id, 'as-found.') && ($this->fold->slabs[$step->slab] ?? null) === SlabState::Off) {
            return [new Blockage('access', $step->slab, 'It has come apart; this can no longer be read as it came in.')];
        }
        if ($step->kind !== StepKind::Fit || $step->settles === null) {
            return [];
        }
        $blocked = [];
        foreach ($this->state->sheet->slabs as $height => $slab) {
            if ($height < ($this->state->sheet->heightOf($step->slab) ?? 0) && $this->fold->slabs[$slab->id] === SlabState::Provisional) {
                $blocked[] = new Blockage('access', $slab->id, $slab->name.' is only on to read or set something; take it off or fit it.');
            }
        }

        return $blocked;
    }
}
