<?php

namespace Moltrek\Core\Planning;

/** One act of the work: where it belongs, what must be done before it, why it is done, and what may hurt. */
final readonly class Step
{
    /** @param  list<string>  $needs ids of steps that come first */
    public function __construct(
        public string $id,
        public string $slab,
        public ?string $cylinder,
        public string $name,
        public string $why,
        public array $needs,
        public ?string $caution = null,
        public bool $settles = false,
    ) {
    }
}
