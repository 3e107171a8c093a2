<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Access;

/** What comes before a step, and why where a constraint of access says so. */
final readonly class Order
{
    /**
     * @param  list<string>  $needs  ids of steps that come first
     * @param  string|null  $hold  the hold that stands before it, because it closes over what the hold asks for
     * @param  array<string, Access>  $access  why it waits for another step, by that step
     */
    public function __construct(public array $needs, public ?string $hold = null, public array $access = [])
    {
    }

    /** @param  list<string>  $needs */
    public function needing(array $needs): self
    {
        return new self(array_values(array_unique($needs)), $this->hold, array_intersect_key($this->access, array_flip($needs)));
    }

    public function after(string $first, Access $access): self
    {
        return new self(array_values(array_unique([...$this->needs, $first])), $this->hold, [...$this->access, $first => $access]);
    }

    public function waitsFor(string $step): bool
    {
        return $this->hold === $step || in_array($step, $this->needs, true);
    }
}
