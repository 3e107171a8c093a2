<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Fitting\MarkPlace;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\SlabState;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Planning\StepKind;
use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\CamDrive;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\SlabKind;

/** What an act or a lift takes back: ticks that no longer stand, readings that no longer hold, parts that are spent. */
final readonly class Undoing
{
    /** @param  array<string, Spot>  $spots */
    public function __construct(private Fold $fold, private EngineSheet $sheet, private array $spots)
    {
    }

    /** Readings that an act makes stale stay in the log and no longer stand. */
    public function act(Entry $entry): void
    {
        $act = Act::tryFrom($entry->text('act'));
        foreach ($this->fold->readings as $id => $reading) {
            $spot = $this->spots[$id] ?? null;
            if ($spot !== null && $act?->makesStale($spot, $entry->text('cylinder'), $entry->text('ring').$entry->text('valve')) === true) {
                $this->fold->stale[$id] = new StaleReading($reading, $entry);
                unset($this->fold->readings[$id]);
            }
        }
        $this->fold->marks = array_filter($this->fold->marks, fn (string $place): bool => $act?->isMarkGone(MarkPlace::on($this->sheet)[$place] ?? null, $entry->text('cylinder')) !== true, ARRAY_FILTER_USE_KEY);
        $steps = $act?->voidSteps($this->sheet->valveTrain->drive === CamDrive::Chain) ?? [];
        $this->void(static fn (Step $step): bool => $act?->undoes($step, $steps, $entry->text('cylinder'), $entry->text('valve')) === true, $entry->text('act'));
    }

    /**
     * Takes ticks back: those that are meant and, where a slab was lifted, every tick of putting together that stood on one.
     *
     * @param  callable(Step): bool  $meant
     */
    private function void(callable $meant, string $why, bool $andWhatStoodOnIt = false): void
    {
        foreach ($this->fold->plan as $id => $step) {
            if (! isset($this->fold->done[$id])) {
                continue;
            }
            $fallen = array_intersect($step->needs, array_keys($this->fold->void)) !== [] || ($step->hold !== null && isset($this->fold->void[$step->hold]));
            if ($meant($step) || ($andWhatStoodOnIt && $fallen && $step->kind->isAssembly())) {
                $this->fold->void[$id] = $why;
                unset($this->fold->done[$id], $this->fold->answers[$id]);
                foreach ($this->fold->waits as $wait => $running) {
                    if ($running->wait->after === $id) {
                        unset($this->fold->waits[$wait]);
                    }
                }
            }
        }
    }

    /**
     * The slab and everything above it come off: what joined them must be done again, what was crushed is spent, readings
     * that hang on them no longer hold. Pistons that stay on their rods keep their rings.
     */
    public function lift(string $slab, Entry $entry): void
    {
        $from = $this->sheet->heightOf($slab);
        if ($from === null) {
            return;
        }
        $lifted = 'lifted: '.lcfirst($this->sheet->slabs[$from]->name);
        $above = fn (string $id): bool => ($this->sheet->heightOf($id) ?? 0) >= $from;
        foreach ($this->fold->plan as $step) {
            if (isset($this->fold->done[$step->id]) && $step->kind->isAssembly() && $above($step->lostWith)) {
                $this->fold->parts->spend($step->parts, $lifted);
            }
        }
        $this->void(static fn (Step $step): bool => $step->kind->isAssembly() && $above($step->lostWith), $lifted, andWhatStoodOnIt: true);
        foreach ($this->sheet->slabs as $height => $candidate) {
            $state = $this->fold->slabs[$candidate->id];
            $this->fold->slabs[$candidate->id] = match (true) {
                $height >= $from => SlabState::Off,
                $candidate->kind === SlabKind::Case || ! $state->isInPlace() => $state,
                $height === $from - 1 && ($candidate->kind === SlabKind::BaseGasket || $candidate->kind === SlabKind::HeadGasket) => SlabState::Loose,
                default => SlabState::On,
            };
        }
        $this->takenApart($above, $entry);
    }

    /**
     * Whoever has lifted a slab has done what comes before lifting it.
     *
     * @param  callable(string): bool  $above
     */
    private function takenApart(callable $above, Entry $entry): void
    {
        foreach ($this->fold->readings as $id => $reading) {
            $spot = $this->spots[$id] ?? null;
            if ($spot?->measurable->key === 'valve_lash' && $above(($this->sheet->slab(SlabKind::ValveGear) ?? $this->sheet->slabs[0])->id)) {
                $this->fold->stale[$id] = new StaleReading($reading, $entry);
                unset($this->fold->readings[$id]);
            }
        }
        foreach ($this->fold->plan as $step) {
            if ($step->kind === StepKind::TakeOff && (str_starts_with($step->id, 'off.') ? $above($step->slab) : ! str_contains($step->id, '-off.') && $step->id !== 'exhaust-valve-out' && $step->id !== 'trays')) {
                $this->fold->done[$step->id] ??= $entry;
            }
        }
    }
}
