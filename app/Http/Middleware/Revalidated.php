<?php

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What is asked for again and again is sent again only when it has changed. */
final class Revalidated
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if ($response->isSuccessful()) {
            $response->setEtag(hash('xxh128', (string) $response->getContent()));
            // it is known by its tag to the page that is open, and to no store of the browser's
            $response->headers->set('Cache-Control', 'private, no-store');
            $response->isNotModified($request);
        }

        return $response;
    }
}
