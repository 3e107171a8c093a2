<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What the ratio is counted from, in cubic centimetres. */
#[OA\Schema(schema: 'Chamber')]
final readonly class ChamberShape
{
    public function __construct(
        #[OA\Property]
        public float $displacement,
        #[OA\Property]
        public float $swept,
        #[OA\Property]
        public ?float $chamber,
        #[OA\Property]
        public string $chamberFrom,
        #[OA\Property]
        public ?float $chamberSpread,
        #[OA\Property]
        public float $gasket,
        #[OA\Property]
        public float $deck,
        #[OA\Property]
        public float $dome,
        #[OA\Property]
        public string $domeFrom,
        #[OA\Property(description: 'of the head gasket, in millimetres')]
        public float $opening,
        #[OA\Property]
        public ?float $clearance,
        #[OA\Property]
        public ?float $ratio,
        #[OA\Property]
        public ?NeededRoomShape $needed,
    ) {
    }
}
