<?php

namespace App\Bench;

use App\Models\ShopSettings;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Moltrek\Core\Quantity\Dimension;

/** The shop as the screens ask for it: its name, its zone, its hours, and now in that zone. The one place that reads the clock for them. */
final class Shop
{
    public static function now(): DateTimeImmutable
    {
        return CarbonImmutable::now(self::zone())->toDateTimeImmutable();
    }

    public static function shop(): string
    {
        return self::settings()->name ?? '';
    }

    public static function zone(): string
    {
        return self::settings()->zone ?? 'UTC';
    }

    /** @return list<string> */
    public static function benches(): array
    {
        return self::settings()->benches ?? [];
    }

    /** @return array<string, int> the open days until a part comes, by the supplier's name */
    public static function suppliers(): array
    {
        return self::settings()->suppliers ?? [];
    }

    /** The day that is so many open days after today. */
    public static function openDay(int $days): string
    {
        $open = array_keys(array_filter(self::hours()));
        $day = self::now();
        for ($left = $days; $left > 0 && $open !== [];) {
            $day = $day->modify('+1 day');
            $left -= in_array(strtolower($day->format('D')), $open, true) ? 1 : 0;
        }

        return $day->format('Y-m-d');
    }

    /** @return array<string, list<string>> ranges by day */
    public static function hours(): array
    {
        return self::settings()->hours ?? [];
    }

    /** @return list<string> the units that a figure is typed in, the one that this shop thinks in first */
    public static function unitsOf(Dimension $dimension): array
    {
        return $dimension->unitsFor(self::settings()?->units[$dimension->value] ?? null);
    }

    /** Read once for a request. */
    private static function settings(): ?ShopSettings
    {
        $known = app()->bound(ShopSettings::class) ? app(ShopSettings::class) : null;
        if (! $known instanceof ShopSettings && ($known = ShopSettings::current()) !== null) {
            app()->scoped(ShopSettings::class, static fn (): ShopSettings => $known);
        }

        return $known;
    }

    /** After the settings were changed, they are read again. */
    public static function forget(): void
    {
        app()->offsetUnset(ShopSettings::class);
    }
}
