<?php

namespace Moltrek\Core\Closing;

/**
 * Shares and rates judged where both ends belong to the better zone, a figure within a relative billionth of an end standing on it.
 * Source: shop practice.
 */
final class Leak
{
    private const ALIKE = 1e-9;

    public static function isUpTo(float $figure, float $end): bool
    {
        return $figure <= $end + self::ALIKE * max(abs($figure), abs($end));
    }

    /** "within" up to the limit, "worn" from there up to service, "out" past both; "unknown" where neither is stated. */
    public static function zone(float $figure, ?float $limit, ?float $service): string
    {
        return match (true) {
            $limit === null && $service === null => 'unknown',
            $limit !== null && self::isUpTo($figure, $limit) => 'within',
            $service !== null && self::isUpTo($figure, $service) => $limit === null ? 'within' : 'worn',
            default => 'out',
        };
    }
}
