<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A wait that is running. */
#[OA\Schema(schema: 'Wait')]
final readonly class WaitShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $since,
        #[OA\Property]
        public string $due,
        #[OA\Property]
        public ?string $seen,
    ) {
    }
}
