<?php

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What is asked for again and again is sent again only when it has changed. */
final class Revalidated
{
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if ($response->isSuccessful()) {
            $response->setEtag(hash('xxh128', (string) $response->getContent()));
            $response->headers->set('Cache-Control', 'private, no-cache');
            $response->isNotModified($request);
        }

        return $response;
    }
}
