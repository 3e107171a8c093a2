<?php

namespace App\Http\Shapes;

use App\Models\Role;

/** A person as the people's page shows them. */
final readonly class ColleagueShape
{
    /**
     * @param  bool  $disabled  may no longer sign in
     * @param  bool  $awaited  has a code that waits to be used
     * @param  object|null  $hours  when they work; null where that is when the shop is open
     *
     * @sent-as array<string, list<string>>|null $hours
     */
    public function __construct(
        public string $username,
        public string $name,
        public string $initials,
        public Role $role,
        public bool $disabled,
        public bool $awaited,
        public ?object $hours,
    ) {
    }
}
