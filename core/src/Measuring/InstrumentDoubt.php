<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Quantity\Day;
use Moltrek\Core\Quantity\Figure;

/** How far a tool is trusted. Source: shop practice; a check that is overdue doubles the doubt until it has been made. */
final class InstrumentDoubt
{
    private const OVERDUE = 2;

    /** @param  Figure  $stated  the expanded doubt at its last check */
    /** From the day after the one its check was due on. */
    public static function isOverdue(?Day $nextCheck, Day $today): bool
    {
        return $nextCheck !== null && $nextCheck->text < $today->text;
    }

    public static function expanded(Figure $stated, bool $overdue): Figure
    {
        return $overdue ? $stated->times(self::OVERDUE) : $stated;
    }
}
