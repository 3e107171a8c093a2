<?php

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * A person of the shop.
 *
 * @property int $id
 * @property string $username
 * @property string $name
 * @property string $initials
 * @property Role $role
 * @property string|null $calendar_key
 * @property CarbonImmutable|null $sessions_from
 */
final class User extends Authenticatable
{
    protected $guarded = [];

    protected $hidden = ['password', 'remember_token', 'calendar_key'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed', 'sessions_from' => 'immutable_datetime'];
    }
}
