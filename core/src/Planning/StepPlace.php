<?php

namespace Moltrek\Core\Planning;

/** Where a step is done: its slab, the cylinder if it is of one alone, the parts. */
final readonly class StepPlace
{
    /** @param  list<string>  $places  cylinders and parts it is done at */
    public function __construct(public string $slab, public ?string $cylinder, public array $places)
    {
    }

    public function isAt(string $place): bool
    {
        return in_array($place, $this->places, true);
    }
}
