<?php

namespace App\Models;

use App\Text\CookieName;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;
use Ramsey\Uuid\Uuid;

/**
 * A tablet that stays in the shop. It is known by a cookie whose secret part the database has as a hash alone.
 *
 * @property string $id
 * @property string $name
 * @property string $secret_hash
 * @property CarbonImmutable $enrolled_at
 * @property CarbonImmutable|null $revoked_at
 * @property CarbonImmutable|null $seen_at
 */
final class Device extends Model
{
    private const COOKIE = 'moltrek_device';

    private const YEARS = 5 * 366 * 24 * 60;

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['enrolled_at' => 'immutable_datetime', 'revoked_at' => 'immutable_datetime', 'seen_at' => 'immutable_datetime'];
    }

    /** The tablet that a request comes from is one of the shop’s from now on. */
    public static function enrol(string $name, User $by): self
    {
        $secret = Str::random(48);
        $device = self::query()->create([
            'id' => Uuid::uuid7()->toString(), 'name' => $name, 'secret_hash' => hash('sha256', $secret), 'enrolled_by' => $by->id, 'enrolled_at' => CarbonImmutable::now(),
        ]);
        Cookie::queue(Cookie::make(CookieName::of(self::COOKIE), $device->id.'|'.$secret, self::YEARS, httpOnly: true, sameSite: 'lax', secure: request()->isSecure()));

        return $device;
    }

    /** The shop’s tablet that a request comes from; null for any other. */
    public static function of(Request $request): ?self
    {
        // one that was enrolled before cookies were bound to their host keeps its name
        $cookie = $request->cookie(CookieName::of(self::COOKIE)) ?? $request->cookie(self::COOKIE);
        [$id, $secret] = is_string($cookie) ? [...explode('|', $cookie, 2), ''] : ['', ''];
        $device = Uuid::isValid($id) ? self::query()->find($id) : null;

        return $device !== null && $device->revoked_at === null && hash_equals($device->secret_hash, hash('sha256', $secret)) ? $device : null;
    }
}
