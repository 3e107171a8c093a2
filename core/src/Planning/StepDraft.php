<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\School;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\StepKind;

/** A step while the rules write it: one fact a line. Steps that it names and that are not in the plan count for nothing. */
final class StepDraft
{
    private string $name = '';

    private string $why = '';

    /** @var list<string> */
    private array $needs = [];

    private ?string $hold = null;

    private ?string $settles = null;

    /** @var list<string>|null */
    private ?array $lostWith = null;

    /** @var list<string> */
    private array $torques = [];

    private ?string $lifts = null;

    private ?string $hangs = null;

    /** @var list<string> */
    private array $opensWith = [];

    private ?Decision $decides = null;

    private ?Owing $owes = null;

    private bool $isMirrored = false;

    private int $minutes = 5;

    /** @var list<string> */
    private array $places = [];

    /** @var list<string> */
    private array $parts = [];

    /** @var list<string> */
    private array $tools = [];

    /** @var list<string> */
    private array $inTurn = [];

    /** @var list<Act> */
    private array $undoneBy = [];

    private ?string $uses = null;

    private ?string $caution = null;

    private ?string $matter = null;

    private Asks $asks;

    private Turning $turning;

    public function __construct(
        private readonly PlanBuilder $plan,
        public readonly string $id,
        private readonly StepKind $kind,
        private readonly Slab $on,
        private readonly ?Cylinder $cylinder,
    ) {
        $this->asks = new Asks;
        $this->turning = new Turning;
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
        $this->needs = [...$this->needs, ...array_map($this->plan->name(...), array_values($needs))];

        return $this;
    }

    /** Steps that wait for this one. */
    public function before(string ...$later): self
    {
        $this->plan->puts($this->id, ...$later);

        return $this;
    }

    /** The hold that stands before it. */
    public function behind(string $hold): self
    {
        $this->hold = $hold;

        return $this->after($hold);
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

    /** What is done one after the other, each proved before the next. */
    public function inTurn(string ...$acts): self
    {
        $this->inTurn = array_values($acts);

        return $this;
    }

    /** New parts, used once; of one cylinder or bank where the step is. */
    public function spends(PartKind ...$parts): self
    {
        $of = $this->cylinder === null ? $this->plan->ofColumn($this->on) : $this->plan->of($this->cylinder);
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
    public function bySchool(?string $matter): self
    {
        $this->matter = $matter;

        return $this;
    }

    /** It takes its slab off. */
    public function lifting(): self
    {
        $this->lifts = $this->on->id;

        return $this;
    }

    /** Whoever takes one of these slabs off has done it. */
    public function openingWith(Slab ...$slabs): self
    {
        $this->opensWith = array_column($slabs, 'id');

        return $this;
    }

    /** It puts its slab in place. */
    public function settling(): self
    {
        $this->settles = $this->on->id;

        return $this;
    }

    /** From here on its slab hangs loose in its place. */
    public function leavingLoose(): self
    {
        $this->hangs = $this->on->id;

        return $this;
    }

    public function torquing(string ...$slabs): self
    {
        $this->torques = array_values($slabs);

        return $this;
    }

    /** The crank is turned for it. */
    public function turning(): self
    {
        $this->turning = new Turning(true, $this->turning->loads, $this->turning->frees, $this->turning->beside);

        return $this;
    }

    /**
     * It loads the hydraulic lifters of these cylinders; the crank is not turned until their rods spin.
     *
     * @param  list<string>  $cylinders
     * @param  list<string>  $beside  those under the same box, which may be loaded with them
     */
    public function loading(array $cylinders, array $beside = []): self
    {
        $this->turning = new Turning($this->turning->turns, $cylinders, $this->turning->frees, $beside);

        return $this;
    }

    public function freeing(string $cylinder): self
    {
        $this->turning = new Turning($this->turning->turns, $this->turning->loads, [$cylinder], $this->turning->beside);

        return $this;
    }

    /** It is undone when one of these slabs comes off; of itself, when its own slab does. */
    public function lostWith(?Slab ...$slabs): self
    {
        $this->lostWith = array_values(array_unique(array_column(array_filter($slabs), 'id')));

        return $this;
    }

    public function undoneBy(Act ...$acts): self
    {
        $this->undoneBy = array_values($acts);

        return $this;
    }

    /** It leaves a fastener snug, whose torque is owed before another step. */
    public function owing(string $what, string $reason, string $release): self
    {
        $this->owes = new Owing($what, $reason, $release);

        return $this;
    }

    /** It is done on a part that lies upside down: left is right. */
    public function mirrored(): self
    {
        $this->isMirrored = true;

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
        $this->asks = new Asks($this->asks->items, $two, $this->asks->readings, $this->asks->asFound, $this->asks->nothingOwed,
            $this->asks->since);

        return $this;
    }

    /** @param  string|null  $since  readings count only if they were taken after this step */
    public function reading(SpotsOf $readings, bool $asFound = false, ?string $since = null): self
    {
        $after = $since === null ? null : $this->plan->name($since);
        $this->asks = new Asks([], $this->asks->secondPerson, $readings, $asFound, false, $after);

        return $this;
    }

    /**
     * @param  array<string, string>  $choices  school by matter
     * @param  list<string>  $needs
     */
    public function finished(array $choices, array $needs): Step
    {
        $matter = $this->matter === null ? null : School::all()[$this->matter];
        $several = $this->cylinder !== null && $this->plan->sheet->layout->hasSeveral() ? ucfirst($this->cylinder->name).': ' : null;

        return new Step(
            $this->id, $this->kind,
            new StepPlace(
                $this->on->id,
                $this->cylinder?->id,
                $this->places === [] && $this->cylinder !== null ? [$this->cylinder->id] : $this->places,
            ),
            new Words(
                $several === null ? $this->name : $several.lcfirst($this->name),
                $this->why, $this->matter,
                $matter?->said($choices[$matter->matter] ?? $matter->default()),
                $this->uses, $this->tools, $this->caution, new InTurn($this->inTurn, $this->isMirrored),
            ),
            new Order($needs, $this->hold !== null && in_array($this->hold, $needs, true) ? $this->hold : null),
            new Effect(
                new Joint($this->lifts, $this->opensWith, $this->settles, $this->hangs, $this->torques), $this->turning,
                $this->lostWith ?? [$this->on->id], $this->parts, $this->undoneBy, $this->decides, $this->owes,
            ),
            $this->asks,
            $this->minutes,
        );
    }

    /** @return list<string> what it was said to come after, be it in the plan or not */
    public function needs(): array
    {
        return $this->needs;
    }
}
