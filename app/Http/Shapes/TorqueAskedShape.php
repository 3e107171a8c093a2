<?php

namespace App\Http\Shapes;

use Moltrek\Core\Torquing\Outcome;

/** A fastener that is asked about before anything else is pulled. */
final readonly class TorqueAskedShape
{
    /**
     * @param  int  $begins  of the first stage of its group
     * @param  Outcome  $outcome  over, clicked at once, turns without rising
     * @param  string  $ask  what to do, and how one knows
     * @param  bool  $mayBeAccepted  whether somebody may let it stand as it is
     */
    public function __construct(
        public int $stage,
        public int $begins,
        public string $bolt,
        public Outcome $outcome,
        public string $headline,
        public string $ask,
        public bool $mayBeAccepted,
    ) {
    }
}
