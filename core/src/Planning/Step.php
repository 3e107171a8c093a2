<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Access;
use Moltrek\Core\Sheet\AccessKind;

/**
 * One act of the work: where it belongs, what must be done before it, why and how it is done, what it uses up, what may hurt.
 */
final readonly class Step
{
    /**
     * @param  list<string>  $places  cylinders and parts it is done at
     * @param  list<string>  $needs  ids of steps that come first
     * @param  string|null  $hold  the hold that stands before it, because it closes over what the hold asks for
     * @param  string|null  $settles  the slab that it puts in its place
     * @param  string  $lostWith  the slab whose lifting undoes it
     * @param  list<string>  $parts  new parts it takes, used once
     * @param  list<string>  $tools
     * @param  list<string>  $asks  for a hold: what must be true
     * @param  array<string, Access>  $access  why it waits for another step, by that step
     * @param  string|null  $spots  for a measure: the readings it stands for begin so
     */
    public function __construct(
        public string $id,
        public string $slab,
        public StepKind $kind,
        public string $name,
        public string $why,
        public int $minutes,
        public array $needs,
        public array $places = [],
        public ?string $cylinder = null,
        public ?string $hold = null,
        public ?string $settles = null,
        public string $lostWith = '',
        public array $parts = [],
        public array $tools = [],
        public ?string $how = null,
        public ?string $uses = null,
        public ?string $caution = null,
        public bool $secondPerson = false,
        public array $asks = [],
        public ?string $spots = null,
        public bool $torques = false,
        public array $access = [],
    ) {
    }

    /** @param  list<string>  $needs */
    public function needing(array $needs): self
    {
        return new self($this->id, $this->slab, $this->kind, $this->name, $this->why, $this->minutes, $needs, $this->places, $this->cylinder, $this->hold,
            $this->settles, $this->lostWith, $this->parts, $this->tools, $this->how, $this->uses, $this->caution, $this->secondPerson, $this->asks, $this->spots, $this->torques, $this->access);
    }

    /** The step with a constraint on it: an order with its reason, something to look at in its hold, something held while lifting. */
    public function under(Access $access, string $first): self
    {
        $isOrder = $access->kind->isOrder();
        $needs = $isOrder ? array_values(array_unique([...$this->needs, $first])) : $this->needs;
        $caution = $access->kind === AccessKind::LooseCaptive ? trim($this->caution.' Loose: '.$access->what.', '.$access->why.'.') : $this->caution;
        $asks = $access->kind === AccessKind::TrappedAtBothEnds ? [...$this->asks, ucfirst($access->what).' seen at both ends: '.$access->why] : $this->asks;

        return new self($this->id, $this->slab, $this->kind, $this->name, $this->why, $this->minutes, $needs, $this->places, $this->cylinder, $this->hold,
            $this->settles, $this->lostWith, $this->parts, $this->tools, $this->how, $this->uses, $caution, $this->secondPerson, $asks, $this->spots, $this->torques,
            $isOrder ? [...$this->access, $first => $access] : $this->access);
    }
}
