<?php

namespace App\Text;

/** The name of a cookie as this connection has it: bound to its host where that is possible. */
final class CookieName
{
    public const BOUND = '__Host-';

    public static function of(string $cookie): string
    {
        return (request()->isSecure() ? self::BOUND : '').$cookie;
    }
}
