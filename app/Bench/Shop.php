<?php

namespace App\Bench;

use Carbon\CarbonImmutable;
use DateTimeImmutable;

/** The shop's name, its zone, and now in that zone. The one place that reads the clock for the screens. */
final class Shop
{
    public static function now(): DateTimeImmutable
    {
        return CarbonImmutable::now(self::zone())->toDateTimeImmutable();
    }

    public static function shop(): string
    {
        $name = config('app.shop_name');

        return is_string($name) ? $name : '';
    }

    public static function zone(): string
    {
        $zone = config('app.shop_zone');

        return is_string($zone) ? $zone : 'UTC';
    }
}
