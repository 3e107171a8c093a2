<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Somebody the shop buys from. */
#[OA\Schema(schema: 'Supplier')]
final readonly class SupplierShape
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'open days until a part comes')]
        public int $days,
        #[OA\Property(description: 'the day on which one that is ordered today is here', format: 'date')]
        public string $here,
    ) {
    }
}
