<?php

namespace App\Http\Shapes;

/** Every job on the floor, what can be worked first. */
final readonly class FloorShape
{
    /**
     * @param  list<FloorJobShape>  $jobs
     * @param  list<ComesBackShape>  $comesBack  machines that went out and are due to be looked at
     * @param  list<BenchShape>  $benches  what stands where
     */
    public function __construct(
        public array $jobs,
        public array $comesBack,
        public string $today,
        public string $zone,
        public array $benches,
    ) {
    }
}
