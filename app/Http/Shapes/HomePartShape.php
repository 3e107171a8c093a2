<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A part that goes back to where it ran. */
#[OA\Schema(schema: 'HomePart')]
final readonly class HomePartShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $sort,
        #[OA\Property]
        public string $place,
        #[OA\Property]
        public string $placeName,
        #[OA\Property]
        public string $slab,
        #[OA\Property(description: 'whether its slab is off, so that it lies in its slot')]
        public bool $isOut,
        #[OA\Property(description: 'where it went instead')]
        public ?string $elsewhere,
        #[OA\Property]
        public ?string $reason,
        #[OA\Property(description: 'whether somebody has said where it went')]
        public bool $isSaid,
    ) {
    }
}
