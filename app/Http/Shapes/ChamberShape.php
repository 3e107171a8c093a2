<?php

namespace App\Http\Shapes;

/** What the ratio is counted from, in cubic centimetres. */
final readonly class ChamberShape
{
    /**
     * @param  float  $opening  of the head gasket, in millimetres
     */
    public function __construct(
        public float $displacement,
        public float $swept,
        public ?float $chamber,
        public string $chamberFrom,
        public ?float $chamberSpread,
        public float $gasket,
        public float $deck,
        public float $dome,
        public string $domeFrom,
        public float $opening,
        public ?float $clearance,
        public ?float $ratio,
        public ?NeededRoomShape $needed,
    ) {
    }
}
