<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\School;
use Moltrek\Core\Sheet\SlabKind;

/** A step while the rules write it: one fact a line. */
final class StepDraft
{
    private string $name = '';

    private string $why = '';

    /** @var list<string> */
    private array $needs = [];

    private ?string $hold = null;

    private bool $settles = false;

    private ?SlabKind $lostWith = null;

    private bool $torques = false;

    private bool $lifts = false;

    private bool $isOpening = false;

    private ?Decision $decides = null;

    private int $minutes = 5;

    /** @var list<string> */
    private array $places = [];

    /** @var list<string> */
    private array $parts = [];

    /** @var list<string> */
    private array $tools = [];

    /** @var list<Act> */
    private array $undoneBy = [];

    private ?string $uses = null;

    private ?string $caution = null;

    private ?string $matter = null;

    private Asks $asks;

    public function __construct(
        private readonly PlanBuilder $plan,
        public readonly string $id,
        private readonly StepKind $kind,
        private readonly SlabKind $on,
        private readonly ?Cylinder $cylinder,
    ) {
        $this->asks = new Asks;
    }

    public function named(string $name): self
    {
        $this->name = $name;

        return $this;
    }

    public function because(string $why): self
    {
        $this->why = $why;

        return $this;
    }

    /** Steps that come first; those that are not in this plan are left out. */
    public function after(string ...$needs): self
    {
        $this->needs = [...$this->needs, ...array_filter(array_values($needs), $this->plan->knows(...))];

        return $this;
    }

    /** The hold that stands before it. */
    public function behind(string $hold): self
    {
        $this->hold = $this->plan->knows($hold) ? $hold : null;

        return $this;
    }

    public function takes(int $minutes): self
    {
        $this->minutes = $minutes;

        return $this;
    }

    public function at(string ...$places): self
    {
        $this->places = array_values($places);

        return $this;
    }

    public function with(string ...$tools): self
    {
        $this->tools = array_values($tools);

        return $this;
    }

    /** New parts, used once; of one cylinder where the step is. */
    public function spends(PartKind ...$parts): self
    {
        $of = $this->cylinder === null ? '' : $this->plan->of($this->cylinder);
        $this->parts = array_map(static fn (PartKind $part): string => $part->value.$of, array_values($parts));

        return $this;
    }

    /** What is used up beside parts: oil, soap, sealant. */
    public function uses(?string $uses): self
    {
        $this->uses = $uses;

        return $this;
    }

    public function caution(?string $caution): self
    {
        $this->caution = $caution;

        return $this;
    }

    /** It is done by the school that was chosen in this matter. */
    public function bySchool(string $matter): self
    {
        $this->matter = $matter;

        return $this;
    }

    /** It takes its slab off. */
    public function lifting(): self
    {
        $this->lifts = true;

        return $this;
    }

    /** Whoever takes a slab off has done it. */
    public function opening(): self
    {
        $this->isOpening = true;

        return $this;
    }

    /** It puts its slab in place. */
    public function settling(): self
    {
        $this->settles = true;

        return $this;
    }

    public function torquing(): self
    {
        $this->torques = true;

        return $this;
    }

    /** It is undone when this slab comes off; of itself, when its own slab does. */
    public function lostWith(SlabKind $slab): self
    {
        $this->lostWith = $slab;

        return $this;
    }

    public function undoneBy(Act ...$acts): self
    {
        $this->undoneBy = array_values($acts);

        return $this;
    }

    public function deciding(Decision $decision): self
    {
        $this->decides = $decision;

        return $this;
    }

    /** @param  list<string|null>  $items  what a hold asks; what this engine has not is left out */
    public function asking(array $items, bool $nothingOwed = false): self
    {
        $this->asks = new Asks(array_values(array_filter($items, is_string(...))), $this->asks->secondPerson, null, false, $nothingOwed);

        return $this;
    }

    public function byTwo(bool $two = true): self
    {
        $this->asks = new Asks($this->asks->items, $two, $this->asks->readings, $this->asks->asFound, $this->asks->nothingOwed);

        return $this;
    }

    public function reading(SpotsOf $readings, bool $asFound = false): self
    {
        $this->asks = new Asks([], $this->asks->secondPerson, $readings, $asFound);

        return $this;
    }

    /** @param  array<string, string>  $choices  school by matter */
    public function finished(array $choices): Step
    {
        $slab = $this->plan->sheet->slabFor($this->on)->id;
        $matter = $this->matter === null ? null : School::all()[$this->matter];
        $several = $this->cylinder !== null && $this->plan->sheet->layout->hasSeveral() ? ucfirst($this->cylinder->name).': ' : null;

        return new Step(
            $this->id, $this->kind,
            new StepPlace(
                $slab,
                $this->cylinder?->id,
                $this->places === [] && $this->cylinder !== null ? [$this->cylinder->id] : $this->places,
            ),
            new Words(
                $several === null ? $this->name : $several.lcfirst($this->name),
                $this->why, $this->matter,
                $matter === null ? null : $matter->question.': '.($choices[$matter->matter] ?? $matter->default()).'.',
                $this->uses, $this->tools, $this->caution,
            ),
            new Order(array_values(array_unique($this->needs)), $this->hold),
            new Effect(
                $this->lifts ? $slab : null, $this->isOpening, $this->settles ? $slab : null, $this->torques,
                $this->plan->sheet->slabFor($this->lostWith ?? self::pressedBy($this->on))->id,
                $this->parts, $this->undoneBy, $this->decides,
            ),
            $this->asks,
            $this->minutes,
        );
    }

    /** A gasket lies lower than the part that crushes it, and is lost when that part is lifted off it. */
    private static function pressedBy(SlabKind $slab): SlabKind
    {
        return match ($slab) {
            SlabKind::BaseGasket => SlabKind::Barrel,
            SlabKind::HeadGasket => SlabKind::Head,
            default => $slab,
        };
    }
}
