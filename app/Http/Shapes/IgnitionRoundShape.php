<?php

namespace App\Http\Shapes;

use Moltrek\Core\Judgement\State;

/** One reading of the trail. */
final readonly class IgnitionRoundShape
{
    /**
     * @param  float  $below  millimetres of piston
     */
    public function __construct(
        public string $entry,
        public string $by,
        public string $at,
        public float $degrees,
        public float $below,
        public string $typed,
        public string $with,
        public State $state,
        public string $words,
        public string $reason,
        public ?string $stale,
    ) {
    }
}
