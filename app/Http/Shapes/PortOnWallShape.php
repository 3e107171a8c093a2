<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A port in the wall of a barrel, to be drawn on the wall laid flat. */
#[OA\Schema(schema: 'PortOnWall')]
final readonly class PortOnWallShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public ?float $top,
        #[OA\Property]
        public ?float $bottom,
        #[OA\Property(description: 'degrees clockwise from the exhaust')]
        public float $at,
        #[OA\Property]
        public ?float $width,
        #[OA\Property(description: 'another one lies across from it')]
        public bool $pair,
        #[OA\Property]
        public string $spot,
    ) {
    }
}
