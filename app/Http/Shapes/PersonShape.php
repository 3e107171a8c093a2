<?php

namespace App\Http\Shapes;

use App\Models\Role;

/** A person of the shop. */
final readonly class PersonShape
{
    public function __construct(
        public string $username,
        public string $name,
        public string $initials,
        public Role $role,
    ) {
    }
}
