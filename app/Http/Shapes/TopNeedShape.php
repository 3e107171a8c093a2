<?php

namespace App\Http\Shapes;

use Moltrek\Core\Timing\TopNeed;

/** For what a top is known exactly enough. */
final readonly class TopNeedShape
{
    /**
     * @param  float  $within  degrees that pairs may lie apart
     */
    public function __construct(
        public TopNeed $need,
        public bool $good,
        public float $within,
        public string $how,
    ) {
    }
}
