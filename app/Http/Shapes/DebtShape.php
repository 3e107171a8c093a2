<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A fastener owed its torque. */
#[OA\Schema(schema: 'Debt')]
final readonly class DebtShape
{
    public function __construct(
        #[OA\Property]
        public string $what,
        #[OA\Property]
        public string $reason,
        #[OA\Property]
        public string $release,
        #[OA\Property]
        public string $by,
    ) {
    }
}
