<?php

namespace App\Http\Shapes;

/** A pressure test of closed cases. */
final readonly class LeakTestShape
{
    /**
     * @param  list<LeakPointShape>  $points
     */
    public function __construct(
        public string $begun,
        public string $by,
        public array $points,
        public string $state,
        public string $headline,
        public string $says,
        public ?float $perMinute,
        public ?string $stale,
    ) {
    }
}
