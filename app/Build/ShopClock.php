<?php

namespace App\Build;

use Carbon\CarbonImmutable;
use DateTimeImmutable;

/** Now, in the shop's own zone. The one place that reads the clock for the screens. */
final class ShopClock
{
    public static function now(): DateTimeImmutable
    {
        return CarbonImmutable::now(self::zone())->toDateTimeImmutable();
    }

    public static function zone(): string
    {
        $zone = config('app.shop_zone');

        return is_string($zone) ? $zone : 'UTC';
    }
}
