<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A reading of the gauge. */
#[OA\Schema(schema: 'LeakPoint')]
final readonly class LeakPointShape
{
    public function __construct(
        #[OA\Property(description: 'seconds')]
        public float $at,
        #[OA\Property(description: 'kPa')]
        public float $pressure,
    ) {
    }
}
