<?php

namespace App\Models;

use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Day;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Scheduling\OpenDays;
use Moltrek\Core\Scheduling\OpeningHours;

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

    public static function today(): Day
    {
        return Day::of(self::now()->format('Y-m-d'));
    }

    public static function openDays(): OpenDays
    {
        return OpenDays::of(self::openingHours());
    }

    public static function openingHours(): OpeningHours
    {
        return OpeningHours::read(Fields::of((object) ['hours' => (object) self::hours()], 'hours'));
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
