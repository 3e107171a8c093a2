<?php

namespace App\Http\Shapes;

/** A turn of the crank at which valves are set. */
final readonly class ValvePositionShape
{
    /**
     * @param  float  $crank  degrees of the two turns
     * @param  list<string>  $valves
     * @param  list<ValvePistonShape>  $pistons
     */
    public function __construct(
        public float $crank,
        public bool $onMark,
        public string $name,
        public array $valves,
        public bool $done,
        public array $pistons,
    ) {
    }
}
