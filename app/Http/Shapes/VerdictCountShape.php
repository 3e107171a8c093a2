<?php

namespace App\Http\Shapes;

use Moltrek\Core\Judgement\State;

/** How many verdicts of one kind a slab holds, worst first. */
final readonly class VerdictCountShape
{
    public function __construct(
        public State $state,
        public int $count,
    ) {
    }
}
