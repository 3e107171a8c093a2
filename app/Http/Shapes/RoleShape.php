<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What somebody is in the shop, and what that lets them do. */
#[OA\Schema(schema: 'Role')]
final readonly class RoleShape
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $may,
    ) {
    }
}
