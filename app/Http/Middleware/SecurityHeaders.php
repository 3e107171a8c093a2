<?php

namespace App\Http\Middleware;

use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Nothing from elsewhere, nothing inline, nothing framed; over a private connection never again over another; no answer with data
 * in a store of the browser's; and what the shop's clock says. What nginx sends by itself bears the same (bin/nginx.conf).
 */
final class SecurityHeaders
{
    public const POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; img-src 'self' data: blob:; connect-src 'self'; manifest-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    private const YEAR = 365 * 86_400;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->set('Content-Security-Policy', self::POLICY);
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        // so that a tablet knows how far its clock is out
        $response->headers->set('Shop-Now', CarbonImmutable::now('UTC')->format('Y-m-d\TH:i:s.v\Z'));
        $response->headers->set('Referrer-Policy', 'same-origin');
        $response->headers->set('Permissions-Policy', 'camera=(self), microphone=(), geolocation=()');
        if ($request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', 'max-age='.self::YEAR);
        }
        if ($request->is('api/*', 'calendar/*')) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }
}
