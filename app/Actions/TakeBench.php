<?php

namespace App\Actions;

use App\Models\Device;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

/**
 * Whoever types their initials and their PIN on a tablet of the shop. A PIN is short, so it is worth something on those tablets
 * alone, and after a few wrong ones nothing for a while: on the tablet, and for the person wherever it is tried.
 */
final class TakeBench
{
    /** Wrong ones on a tablet, and of a person, before it is shut. */
    private const TRIES = 5;

    private const SHUT_FOR = 15 * 60;

    public function who(Request $request, string $initials, string $pin): User
    {
        $device = Device::of($request) ?? throw ValidationException::withMessages(['pin' => 'This tablet is not one of the shop’s. Sign in with your password, or let the owner enrol it.']);
        $keys = ['pin|device|'.$device->id, 'pin|person|'.mb_strtoupper($initials)];
        foreach ($keys as $key) {
            if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
                throw ValidationException::withMessages(['pin' => sprintf('Too many wrong PINs. Sign in with your password, or wait %d minutes.', (int) ceil(RateLimiter::availableIn($key) / 60))])->status(429);
            }
        }
        $user = User::query()->where('initials', mb_strtoupper($initials))->first();
        $hash = $user === null || $user->disabled_at !== null ? null : $user->pin_hash;
        if ($user === null || $hash === null || ! Hash::check($pin, $hash)) {
            foreach ($keys as $key) {
                RateLimiter::hit($key, self::SHUT_FOR);
            }
            throw ValidationException::withMessages(['pin' => 'Initials and PIN do not go together.']);
        }
        array_map(RateLimiter::clear(...), $keys);
        $device->update(['seen_at' => now()]);

        return $user;
    }
}
