<?php

namespace App\Http\Shapes;

/** A cylinder as it stands at one turn of the crank. */
final readonly class ValvePistonShape
{
    /**
     * @param  float  $down  share of the stroke below the top
     * @param  list<string>  $open  sides whose valves are open
     * @param  list<string>  $set  sides whose valves are to be set here
     */
    public function __construct(
        public string $cylinder,
        public string $name,
        public float $down,
        public string $stroke,
        public array $open,
        public array $set,
    ) {
    }
}
