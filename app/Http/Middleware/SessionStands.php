<?php

namespace App\Http\Middleware;

use App\Models\User;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A session that began before its owner signed out everywhere is over, and so is that of somebody who may no longer sign in. */
final class SessionStands
{
    public const BEGAN = 'signed_in_at';

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $request->hasSession() && ! self::stands($user, $request->session()->get(self::BEGAN))) {
            Auth::logout();
            $request->session()->invalidate();
            throw new AuthenticationException;
        }

        return $next($request);
    }

    /** A session begins, under an id that nobody knew before. */
    public static function begin(Request $request): void
    {
        $request->session()->regenerate();
        $request->session()->put(self::BEGAN, CarbonImmutable::now()->toIso8601ZuluString('microsecond'));
    }

    private static function stands(User $user, mixed $began): bool
    {
        return $user->disabled_at === null
            && ($user->sessions_from === null || (is_string($began) && CarbonImmutable::parse($began) >= $user->sessions_from));
    }
}
