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
 * @property int $session_epoch  sessions of another number are over
 * @property string|null $totp_secret
 * @property CarbonImmutable|null $totp_since  a second factor is asked for from then on
 * @property list<string> $recovery_hashes
 * @property CarbonImmutable|null $disabled_at
 * @property string|null $code_hash
 * @property string|null $pin_hash
 * @property array<string, list<string>>|null $hours
 * @property CarbonImmutable|null $code_until
 */
final class User extends Authenticatable
{
    protected $guarded = [];

    protected $hidden = ['password', 'remember_token', 'calendar_key', 'code_hash', 'pin_hash', 'totp_secret', 'totp_step', 'recovery_hashes'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed', 'disabled_at' => 'immutable_datetime', 'code_until' => 'immutable_datetime', 'hours' => 'array', 'totp_since' => 'immutable_datetime', 'recovery_hashes' => 'array'];
    }

    /** Every session that there is of this person is over, wherever it is, and so is the address of their calendar. */
    public function endSessions(): void
    {
        $this->forceFill(['remember_token' => Str::random(60), 'calendar_key' => null])->save();
        $this->increment('session_epoch');
    }
}
