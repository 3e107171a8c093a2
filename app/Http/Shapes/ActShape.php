<?php

namespace App\Http\Shapes;

use Moltrek\Core\Sheet\Act;

/** Something that can be done to this engine, and makes stale what was read or ticked before. */
final readonly class ActShape
{
    public function __construct(
        public Act $act,
        public bool $isOfCylinder,
        public bool $isOfRing,
        public bool $isOfValve,
    ) {
    }
}
