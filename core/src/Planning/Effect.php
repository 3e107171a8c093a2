<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Act;

/** What a step changes on the engine once it is done, and what takes that back. */
final readonly class Effect
{
    /**
     * @param  string|null  $lifts  the slab that it takes off, with all that stands on it
     * @param  bool  $isOpening  whether whoever takes a slab off has done it: draining, seeing marks
     * @param  string|null  $settles  the slab that it puts in its place
     * @param  bool  $torques  whether what lies in place up to its slab has its torque then
     * @param  string  $lostWith  the slab whose lifting undoes it
     * @param  list<string>  $parts  new parts it takes, used once
     * @param  list<Act>  $undoneBy
     * @param  Decision|null  $decides  what is settled by it
     */
    public function __construct(
        public ?string $lifts = null,
        public bool $isOpening = false,
        public ?string $settles = null,
        public bool $torques = false,
        public string $lostWith = '',
        public array $parts = [],
        public array $undoneBy = [],
        public ?Decision $decides = null,
    ) {
    }
}
