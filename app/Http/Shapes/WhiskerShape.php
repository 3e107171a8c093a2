<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A reading on the ruler, in millimetres: a figure with its doubt, or a bracket between leaves. */
#[OA\Schema(schema: 'Whisker')]
final readonly class WhiskerShape
{
    public function __construct(
        #[OA\Property]
        public float $low,
        #[OA\Property]
        public ?float $high,
        #[OA\Property]
        public float $nominal,
        #[OA\Property]
        public bool $bracket,
    ) {
    }
}
