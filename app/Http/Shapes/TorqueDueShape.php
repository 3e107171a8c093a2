<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A fastener in its stage. */
#[OA\Schema(schema: 'TorqueDue')]
final readonly class TorqueDueShape
{
    public function __construct(
        #[OA\Property]
        public int $stage,
        #[OA\Property]
        public string $bolt,
        #[OA\Property(description: 'degrees of an angle that was interrupted')]
        public float $turned,
    ) {
    }
}
