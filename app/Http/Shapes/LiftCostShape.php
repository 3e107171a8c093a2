<?php

namespace App\Http\Shapes;

/** What it costs to reach a slab. */
final readonly class LiftCostShape
{
    /**
     * @param  list<string>  $comesOff
     * @param  list<LiftItemShape>  $spent
     * @param  list<LiftItemShape>  $void
     * @param  list<LiftItemShape>  $stale
     */
    public function __construct(
        public array $comesOff,
        public array $spent,
        public array $void,
        public array $stale,
        public int $minutes,
    ) {
    }
}
