<?php

namespace Moltrek\Core\Planning;

/** What a step does to the joints of the engine. */
final readonly class Joint
{
    /**
     * @param  string|null  $lifts  the slab that it takes off, with all that stands on it
     * @param  list<string>  $opensWith  slabs whose lifting shows that it was done: seeing marks, letting the chain go
     * @param  string|null  $settles  the slab that it puts in its place
     * @param  string|null  $hangs  the slab that hangs loose in its place from then on
     * @param  list<string>  $torques  slabs that have their torque then
     */
    public function __construct(
        public ?string $lifts = null,
        public array $opensWith = [],
        public ?string $settles = null,
        public ?string $hangs = null,
        public array $torques = [],
    ) {
    }
}
