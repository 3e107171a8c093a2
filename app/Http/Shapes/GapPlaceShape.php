<?php

namespace App\Http\Shapes;

use Moltrek\Core\Fitting\GapSchool;

/** Where the ring gaps of a cylinder are, as placed or as the sheet's pegs have them; degrees clockwise from the exhaust. */
final readonly class GapPlaceShape
{
    /**
     * @param  list<GapAngleShape>  $angles
     * @param  list<KeepOffShape>  $keepOff
     */
    public function __construct(
        public string $cylinder,
        public string $name,
        public GapSchool $school,
        public bool $isPlaced,
        public array $angles,
        public array $keepOff,
    ) {
    }
}
