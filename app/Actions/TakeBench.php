<?php

namespace App\Actions;

use App\Models\Device;
use App\Models\User;
use App\Upkeep\SecurityEvent;
use App\Upkeep\SecurityLog;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

/**
 * Whoever types their initials and their PIN on a tablet of the shop. A PIN is short, so it is worth something on those tablets
 * alone, and after a few wrong ones nothing for a while: on the tablet, and for the person wherever it is tried. Tries are counted
 * one after another, however many come at once.
 */
final class TakeBench
{
    /** Wrong ones on a tablet, and of a person, before it is shut. */
    private const TRIES = 5;

    private const SHUT_FOR = 15 * 60;

    public function who(Request $request, string $initials, string $pin): User
    {
        $device = Device::of($request) ?? throw ValidationException::withMessages(['pin' => 'This tablet is not one of the shop’s. Sign in with your password, or let the owner enrol it.']);
        $initials = mb_strtoupper($initials);
        $user = $this->inTurn(['device|'.$device->id, 'person|'.$initials], static function () use ($initials, $pin): ?User {
            $user = User::query()->where('initials', $initials)->first();
            $hash = $user === null || $user->disabled_at !== null ? null : $user->pin_hash;

            return $user !== null && $hash !== null && Hash::check($pin, $hash) ? $user : null;
        });
        if ($user === null) {
            SecurityLog::note(SecurityEvent::PinRefused, about: User::query()->where('initials', $initials)->exists() ? 'for '.$initials : '');
            throw ValidationException::withMessages(['pin' => 'Initials and PIN do not go together.']);
        }
        $device->update(['seen_at' => now()]);

        return $user;
    }

    /**
     * Looks whether a PIN is right while nobody else does so for the same tablet or person; one that is wrong is counted.
     *
     * @param  list<string>  $of
     * @param  callable(): (User|null)  $look
     */
    private function inTurn(array $of, callable $look): ?User
    {
        return DB::connection()->transaction(static function () use ($of, $look): ?User {
            sort($of);
            foreach ($of as $each) {
                DB::select('select pg_advisory_xact_lock(hashtextextended(?, 0))', ['pin|'.$each]);
            }
            $since = CarbonImmutable::now()->subSeconds(self::SHUT_FOR);
            DB::table('pin_tries')->whereIn('of', $of)->where('at', '<=', $since)->delete();
            foreach ($of as $each) {
                $tries = DB::table('pin_tries')->where('of', $each)->orderBy('at')->pluck('at');
                if ($tries->count() >= self::TRIES) {
                    $last = CarbonImmutable::parse(is_string($tries->last()) ? $tries->last() : 'now');
                    throw ValidationException::withMessages(['pin' => sprintf('Too many wrong PINs. Sign in with your password, or wait %d minutes.', (int) max(1, ceil(self::SHUT_FOR / 60 - $last->diffInMinutes(CarbonImmutable::now()))))])->status(429);
                }
            }
            $user = $look();
            if ($user === null) {
                DB::table('pin_tries')->insert(array_map(static fn (string $each): array => ['of' => $each, 'at' => CarbonImmutable::now()], $of));
            } else {
                DB::table('pin_tries')->whereIn('of', $of)->delete();
            }

            return $user;
        });
    }
}
