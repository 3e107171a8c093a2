<?php

namespace App\Http\Shapes;

/** What somebody who adds a step may choose from. */
final readonly class OwnStepChoicesShape
{
    /**
     * @param  list<string>  $kinds  what sort of act it may be
     * @param  list<NeighbourShape>  $neighbours
     */
    public function __construct(
        public array $kinds,
        public array $neighbours,
    ) {
    }
}
