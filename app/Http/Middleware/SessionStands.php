<?php

namespace App\Http\Middleware;

use App\Models\Device;
use App\Models\User;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Auth\SessionGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * A session that began before its owner signed out everywhere is over, and so is that of somebody who may no longer sign in, and
 * every one on a tablet that is the shop's no more.
 */
final class SessionStands
{
    /** How often its owner had ended all sessions when this one began. */
    private const EPOCH = 'epoch';

    /** The shop's tablet that it began on. */
    private const TABLET = 'tablet';

    /** When somebody last did something who took the bench over by a PIN. */
    private const TOUCHED = 'touched_at';

    /** Somebody who took the bench over by a PIN and has done nothing for so long has left it, in seconds. */
    private const LEFT_AFTER = 30 * 60;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $request->hasSession()) {
            if (! self::stands($user, $request) || self::isLeft($request)) {
                // who it was is nobody here from now on; what asks for somebody refuses it, what asks for nobody goes on
                $guard = Auth::guard();
                assert($guard instanceof SessionGuard);
                $guard->logoutCurrentDevice();
                $request->session()->invalidate();

                return in_array('auth', $request->route()->gatherMiddleware(), true) ? throw new AuthenticationException : $next($request);
            }
            if (self::isByPin($request) && ! $request->isMethodSafe()) {
                $request->session()->put(self::TOUCHED, CarbonImmutable::now()->getTimestamp());
            }
        }

        return $next($request);
    }

    /** A session begins, under an id that nobody knew before. */
    public static function begin(Request $request, bool $byPin = false): void
    {
        $request->session()->regenerate();
        $byPin ? $request->session()->put(self::TOUCHED, CarbonImmutable::now()->getTimestamp()) : $request->session()->forget(self::TOUCHED);
        $user = $request->user();
        $request->session()->put(self::EPOCH, $user instanceof User ? $user->session_epoch : -1);
        $request->session()->put(self::TABLET, Device::of($request)?->id);
    }

    /** A PIN opens the bench, and not what a password guards. */
    public static function isByPin(Request $request): bool
    {
        return $request->hasSession() && $request->session()->has(self::TOUCHED);
    }

    private static function isLeft(Request $request): bool
    {
        $touched = $request->session()->get(self::TOUCHED);

        return is_int($touched) && CarbonImmutable::now()->getTimestamp() - $touched > self::LEFT_AFTER;
    }

    private static function stands(User $user, Request $request): bool
    {
        $session = $request->session();
        // who was remembered comes with a session that is new; what they are remembered by ends with the others
        if (! $session->has(self::EPOCH) && Auth::viaRemember()) {
            self::begin($request);
        }
        $tablet = $session->get(self::TABLET);

        return $user->disabled_at === null && $session->get(self::EPOCH, 0) === $user->session_epoch
            && (! is_string($tablet) || Device::query()->whereKey($tablet)->whereNull('revoked_at')->exists());
    }
}
