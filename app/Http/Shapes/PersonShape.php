<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A person of the shop. */
#[OA\Schema(schema: 'Person')]
final readonly class PersonShape
{
    public function __construct(
        #[OA\Property]
        public string $username,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $initials,
        #[OA\Property]
        public string $role,
    ) {
    }
}
