<?php

namespace App\Http\Middleware;

use App\Models\User;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A session that began before its owner signed out everywhere is over. */
final class SessionStands
{
    public const BEGAN = 'signed_in_at';

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $user->sessions_from !== null && $request->hasSession()) {
            $began = $request->session()->get(self::BEGAN);
            if (! is_string($began) || CarbonImmutable::parse($began) < $user->sessions_from) {
                Auth::logout();
                $request->session()->invalidate();
                throw new AuthenticationException;
            }
        }

        return $next($request);
    }
}
