<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Log\Totals;
use Moltrek\Core\Planning\Blockage;
use Moltrek\Core\Planning\SlabState;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Planning\StepKind;

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
            ...$this->hold($step), ...$this->parts($step), ...$this->waits($step),
            ...$this->ledger($step), ...$this->debts($step), ...$this->access($step),
        ];
    }

    /** @return list<Blockage> */
    private function hold(Step $step): array
    {
        $hold = $step->order->hold === null ? null : $this->work->step($step->order->hold);
        if ($hold === null || $this->work->isDone($hold)) {
            return [];
        }
        $left = count($hold->asks->items) - count($this->work->answersTo($hold->id));
        $why = match ($left) {
            0 => 'a second person has to look.',
            1 => 'one thing is still to be seen.',
            default => $left.' things are still to be seen.',
        };

        return [new Blockage('hold', $hold->id, $hold->words->name.': '.$why)];
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
     * What lies under a slab stops it from closing.
     *
     * @return list<Blockage>
     */
    private function ledger(Step $step): array
    {
        if ($step->order->hold === null) {
            return [];
        }
        $height = $this->totals->sheet->heightOf($step->place->slab) ?? 0;
        $under = array_filter($this->totals->ledger->items(), static fn (LedgerItem $item): bool => $item->height <= $height);

        return array_values(array_map(static fn (LedgerItem $item): Blockage => new Blockage('ledger', $item->what, $item->why()), $under));
    }

    /** @return list<Blockage> */
    private function debts(Step $step): array
    {
        $hold = $step->order->hold === null ? null : $this->work->step($step->order->hold);
        if ($hold === null || ! $hold->asks->nothingOwed) {
            return [];
        }

        return array_map(
            static fn (Debt $debt): Blockage => new Blockage(
                'debt',
                $debt->what,
                ucfirst($debt->what).' is owed its torque: '.$debt->reason.'.',
            ),
            $this->totals->ledger->debts(),
        );
    }

    /** @return list<Blockage> */
    private function access(Step $step): array
    {
        $slab = $step->place->slab;
        if ($step->asks->asFound && $this->totals->slabs->named($slab) === SlabState::Off) {
            return [new Blockage('access', $slab, 'It has come apart; this can no longer be read as it came in.')];
        }
        $blocked = [];
        $closes = $step->kind === StepKind::Fit && $step->effect->settles !== null;
        $height = $this->totals->sheet->heightOf($slab) ?? 0;
        foreach ($closes ? array_slice($this->totals->sheet->stack->slabs, 0, $height) : [] as $under) {
            if ($this->totals->slabs->of($under) === SlabState::Provisional) {
                $blocked[] = new Blockage(
                    'access',
                    $under->id,
                    $under->name.' is only on to read or set something; take it off or fit it.',
                );
            }
        }

        return $blocked;
    }
}
