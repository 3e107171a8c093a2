<?php

namespace App\Http\Shapes;

use Moltrek\Core\Torquing\Outcome;

/** A pull and what became of it. */
final readonly class TorqueMadeShape
{
    /**
     * @param  string  $id  of the entry
     * @param  Outcome  $outcome  done, in doubt, past its stage, out of order, moved, under, interrupted, over, clicked at once, turns without rising, again, ahead of its stage, after the end
     */
    public function __construct(
        public string $id,
        public int $stage,
        public string $bolt,
        public Outcome $outcome,
        public string $by,
        public string $at,
    ) {
    }
}
