<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What a ratio that is aimed at asks for, each with all else the same. */
#[OA\Schema(schema: 'NeededRoom')]
final readonly class NeededRoomShape
{
    public function __construct(
        #[OA\Property]
        public float $target,
        #[OA\Property]
        public float $clearance,
        #[OA\Property]
        public float $chamber,
        #[OA\Property(description: 'of the head gasket, in millimetres')]
        public ?float $thickness,
        #[OA\Property(description: 'how much the chamber must lose; negative for gain')]
        public float $takeOff,
    ) {
    }
}
