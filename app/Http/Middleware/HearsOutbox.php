<?php

namespace App\Http\Middleware;

use App\Models\User;
use App\Upkeep\Condition;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A tablet on which entries wait says how many, under a mark of its own that tells nothing else. */
final class HearsOutbox
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $said = $request->headers->get('Outbox', '');
        $user = $request->user();
        if ($user instanceof User && preg_match('/^([a-z0-9]{8,40}) (\d{1,6})$/D', (string) $said, $part) === 1) {
            Condition::hear($part[1], $user->initials, (int) $part[2]);
        }

        return $next($request);
    }
}
