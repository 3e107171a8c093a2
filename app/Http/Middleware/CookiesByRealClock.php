<?php

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A browser ends its cookies by its own clock. Where the application's runs ahead of the machine's, or behind it, a cookie goes
 * out with its end by the machine's, so that it lives as long as it was meant to, whatever lies between the two.
 */
final class CookiesByRealClock
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $ahead = config('app.clock_ahead');
        if (is_numeric($ahead) && (int) $ahead !== 0) {
            foreach ($response->headers->getCookies() as $cookie) {
                // nought ends with the browser, and what has long been over stays over
                if ($cookie->getExpiresTime() !== 0) {
                    $response->headers->setCookie($cookie->withExpires(max(1, $cookie->getExpiresTime() - (int) $ahead)));
                }
            }
        }

        return $response;
    }
}
