<?php

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

/** An address that carries control characters, or bytes that are no text, was not made by this application. */
final class PlainAddress
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $address = rawurldecode($request->getPathInfo().'?'.$request->server->getString('QUERY_STRING'));
        if (preg_match('/[\x00-\x1F\x7F]/', $address) === 1 || ! mb_check_encoding($address, 'UTF-8')) {
            throw new BadRequestHttpException('This address cannot be read.');
        }

        return $next($request);
    }
}
