<?php

namespace App\Http\Shapes;

/** What a ratio that is aimed at asks for, each with all else the same. */
final readonly class NeededRoomShape
{
    /**
     * @param  float|null  $thickness  of the head gasket, in millimetres
     * @param  float  $takeOff  how much the chamber must lose; negative for gain
     * @param  string|null  $warning  what has to be thought of before the ratio is raised so far
     */
    public function __construct(
        public float $target,
        public float $clearance,
        public float $chamber,
        public ?float $thickness,
        public float $takeOff,
        public ?string $warning,
    ) {
    }
}
