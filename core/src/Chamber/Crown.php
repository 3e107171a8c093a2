<?php

namespace Moltrek\Core\Chamber;

use Moltrek\Core\Measuring\CrownPoint;
use Moltrek\Core\Quantity\Length;

/** What several points over one crown say together, of those that were read outright. */
final class Crown
{
    /**
     * A mean over a point of which only one side is known would lie.
     *
     * @param  non-empty-list<CrownPoint>  $points
     */
    public static function mean(array $points): ?Length
    {
        $plain = self::plain($points);

        return count($plain) === count($points) ? Length::mean(...$plain) : null;
    }

    /**
     * How far the points lie apart: of two or more, all of them read outright.
     *
     * @param  non-empty-list<CrownPoint>  $points
     */
    public static function spread(array $points): ?Length
    {
        $plain = self::plain($points);

        return count($plain) < 2 || count($plain) < count($points) ? null : Length::largest(...$plain)->minus(Length::smallest(...$plain));
    }

    /**
     * @param  list<CrownPoint>  $points
     * @return list<Length>
     */
    private static function plain(array $points): array
    {
        return array_values(array_filter(array_map(static fn (CrownPoint $point): ?Length => $point->said->plain(), $points)));
    }
}
