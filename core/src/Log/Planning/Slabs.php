<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Log\Undone;
use Moltrek\Core\Planning\SlabState;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;

/** How each layer of the engine lies: off, loose, on, torqued, or on for now. */
final class Slabs
{
    /** @var array<string, SlabState> by slab, bottom-up */
    private array $states = [];

    private ?string $standing = null;

    public function __construct(private readonly EngineSheet $sheet)
    {
        $this->comeIn(false);
    }

    public function comeIn(bool $apart): void
    {
        $this->standing = null;
        foreach ($this->sheet->stack->slabs as $slab) {
            $this->states[$slab->id] = $apart && $slab->kind !== SlabKind::Case ? SlabState::Off : SlabState::Torqued;
        }
    }

    public function put(string $slab, SlabState $state): void
    {
        $this->standing = null;
        $this->states[$slab] = $state;
    }

    /** What a step that is done puts in place or gives its torque. */
    public function after(Step $step): void
    {
        $this->standing = null;
        if ($step->effect->settles !== null) {
            $this->states[$step->effect->settles] = SlabState::On;
        }
        $height = $this->sheet->heightOf($step->place->slab) ?? 0;
        foreach ($step->effect->torques ? array_slice($this->sheet->stack->slabs, 0, $height + 1) : [] as $slab) {
            if ($this->of($slab)->isInPlace() && $this->of($slab) !== SlabState::Provisional) {
                $this->states[$slab->id] = SlabState::Torqued;
            }
        }
    }

    public function undo(Undone $undone): void
    {
        $this->standing = null;
        foreach ($undone->lifted as $slab) {
            $this->states[$slab] = SlabState::Off;
        }
        $from = $this->sheet->heightOf($undone->lifted[0] ?? '');
        foreach ($from === null ? [] : array_slice($this->sheet->stack->slabs, 0, $from) as $height => $slab) {
            if ($slab->kind === SlabKind::Case || ! $this->of($slab)->isInPlace()) {
                continue;
            }
            $isGasket = $slab->kind === SlabKind::BaseGasket || $slab->kind === SlabKind::HeadGasket;
            $this->states[$slab->id] = $isGasket && $height === $from - 1 ? SlabState::Loose : SlabState::On;
        }
    }

    public function of(Slab $slab): SlabState
    {
        return $this->states[$slab->id];
    }

    public function named(string $slab): ?SlabState
    {
        return $this->states[$slab] ?? null;
    }

    /** The highest slab up to which everything lies in place; null when not even the lowest does. */
    public function togetherUpTo(): ?Slab
    {
        $top = null;
        foreach ($this->sheet->stack->slabs as $slab) {
            if (! $this->of($slab)->isInPlace()) {
                return $top;
            }
            $top = $slab;
        }

        return $top;
    }

    /** "head torqued": the highest slab that lies in place on those below it, and how; a gasket is crushed or not with it. */
    public function standing(): string
    {
        return $this->standing ??= $this->howFarTogether();
    }

    private function howFarTogether(): string
    {
        $standing = 'top end apart';
        foreach (array_slice($this->sheet->stack->slabs, 1) as $slab) {
            if (! $this->of($slab)->isInPlace()) {
                return $standing;
            }
            $standing = lcfirst($slab->name).' '.$this->of($slab)->value;
        }

        return $standing;
    }
}
