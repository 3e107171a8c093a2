<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What was put in and must come out, or was dropped. */
#[OA\Schema(schema: 'LedgerItem')]
final readonly class LedgerItemShape
{
    public function __construct(
        #[OA\Property]
        public string $what,
        #[OA\Property]
        public bool $dropped,
        #[OA\Property]
        public string $by,
        #[OA\Property]
        public string $at,
    ) {
    }
}
