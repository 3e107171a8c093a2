<?php

namespace App\Http\Shapes;

use App\Models\Role;

/** What somebody is in the shop, and what that lets them do. */
final readonly class RoleShape
{
    public function __construct(
        public Role $name,
        public string $may,
    ) {
    }
}
