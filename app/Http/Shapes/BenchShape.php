<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A bench of the shop, and the job whose machine stands on it. */
#[OA\Schema(schema: 'Bench')]
final readonly class BenchShape
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public ?int $job,
    ) {
    }
}
