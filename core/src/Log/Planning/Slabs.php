<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Log\Undone;
use Moltrek\Core\Planning\SlabState;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;

/** How each slab of the engine lies: off, loose, on, torqued, or on for now. Lifting one loosens what it clamped, and nothing else. */
final class Slabs
{
    /** @var array<string, SlabState> by slab, in the sheet's order */
    private array $states = [];

    private ?string $standing = null;

    /** @var array<string, true> barrels that hang on their pistons until pins and clips are in */
    private array $resting = [];

    public function __construct(private readonly EngineSheet $sheet)
    {
        $this->comeIn([], []);
    }

    /**
     * @param  list<string>  $off
     * @param  list<string>  $slackened
     */
    public function comeIn(array $off, array $slackened): void
    {
        $this->standing = null;
        foreach ($this->sheet->stack->slabs as $slab) {
            $this->states[$slab->id] = in_array($slab->id, $off, true) ? SlabState::Off : SlabState::Torqued;
        }
        $this->loosen($off);
        foreach ($off === [] ? [] : $slackened as $slab) {
            $this->states[$slab] = SlabState::Loose;
        }
    }

    public function put(string $slab, SlabState $state): void
    {
        $this->standing = null;
        $this->states[$slab] = $state;
    }

    /** What a step that is done puts in place, leaves hanging, or gives its torque. */
    public function after(Step $step): void
    {
        $this->standing = null;
        if ($step->effect->joint->hangs !== null) {
            $this->states[$step->effect->joint->hangs] = SlabState::Loose;
            $this->resting[$step->effect->joint->hangs] = true;
        }
        if ($step->effect->joint->settles !== null) {
            $slab = $this->sheet->stack->named($step->effect->joint->settles);
            $isHeld = $slab !== null && $this->sheet->stack->clampOf($slab) === null;
            $this->states[$step->effect->joint->settles] = $isHeld ? SlabState::Torqued : SlabState::On;
            unset($this->resting[$step->effect->joint->settles]);
        }
        foreach ($step->effect->joint->torques as $slab) {
            if ($this->states[$slab]->isInPlace() && $this->states[$slab] !== SlabState::Provisional) {
                $this->states[$slab] = SlabState::Torqued;
            }
        }
    }

    /** What a step had given its torque has it no more. */
    public function ease(Step $step): void
    {
        $this->standing = null;
        foreach ($step->effect->joint->torques as $slab) {
            $this->states[$slab] = $this->states[$slab] === SlabState::Torqued ? SlabState::On : $this->states[$slab];
        }
    }

    /** A joint is eased, not lifted. */
    private function slacken(Slab $slab): void
    {
        $this->standing = null;
        foreach ($this->sheet->stack->slabs as $each) {
            if ($this->of($each) === SlabState::Torqued && $this->sheet->stack->clampOf($each)?->id === $slab->id) {
                $this->states[$each->id] = SlabState::Loose;
            }
        }
    }

    public function undo(Undone $undone): void
    {
        $this->standing = null;
        foreach ($undone->lifted as $slab) {
            $this->states[$slab] = SlabState::Off;
            unset($this->resting[$slab]);
        }
        $this->loosen($undone->lifted);
        foreach ($undone->slackens() as $head) {
            $this->slacken($head);
        }
    }

    /** @param  list<string>  $off */
    private function loosen(array $off): void
    {
        foreach ($this->sheet->stack->slabs as $slab) {
            $clamp = $this->sheet->stack->clampOf($slab);
            $shares = array_intersect($clamp->pulledAfter ?? [], $off) !== [];
            if ($clamp === null || ! $this->of($slab)->isInPlace() || $this->of($slab) === SlabState::Provisional) {
                continue;
            }
            if (in_array($clamp->id, $off, true)) {
                $this->states[$slab->id] = $slab->kind->isGasket() ? SlabState::Loose : SlabState::On;
            } elseif ($shares) {
                $this->states[$slab->id] = SlabState::Loose;
            }
        }
    }

    public function of(Slab $slab): SlabState
    {
        return $this->states[$slab->id];
    }

    /** How it lies, in the shop's words. */
    public function words(Slab $slab): string
    {
        $isClamped = $this->sheet->stack->clampOf($slab) !== null;

        return match ($this->of($slab)) {
            SlabState::Off => 'off',
            SlabState::Loose => match (true) {
                isset($this->resting[$slab->id]) => 'resting on its pistons',
                $slab->kind->isGasket() => 'lies loose',
                default => 'slackened',
            },
            SlabState::On => $slab->kind->isGasket() ? 'laid' : 'on, not torqued',
            SlabState::Torqued => $isClamped && ! $slab->kind->isGasket() ? 'torqued' : 'in place',
            SlabState::Provisional => 'on for now',
        };
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
            if (! $slab->kind->isBeside() && ! $this->of($slab)->isInPlace()) {
                return $top;
            }
            $top = $slab->kind->isBeside() ? $top : $slab;
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
        foreach ($this->sheet->stack->slabs as $slab) {
            if (! $slab->kind->isBeside() && ! $this->of($slab)->isInPlace()) {
                return $standing;
            }
            $standing = $slab->kind === SlabKind::Case || $slab->kind->isBeside() ? $standing : lcfirst($slab->name).' '.$this->of($slab)
                ->value;
        }

        return $standing;
    }
}
