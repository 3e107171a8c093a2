<?php

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Str;

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
 * @property CarbonImmutable|null $disabled_at
 * @property string|null $code_hash
 * @property string|null $pin_hash
 * @property array<string, list<string>>|null $hours
 * @property CarbonImmutable|null $code_until
 */
final class User extends Authenticatable
{
    protected $guarded = [];

    protected $hidden = ['password', 'remember_token', 'calendar_key', 'code_hash', 'pin_hash'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed', 'sessions_from' => 'immutable_datetime', 'disabled_at' => 'immutable_datetime', 'code_until' => 'immutable_datetime', 'hours' => 'array'];
    }

    /** Sessions that began before now are over, wherever they are. */
    public function endSessions(): void
    {
        $this->forceFill(['sessions_from' => CarbonImmutable::now(), 'remember_token' => Str::random(60)])->save();
    }
}
