<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Quantity\Length;

/** How far a tool is trusted. Source: shop practice; a check that is overdue doubles the doubt until it has been made. */
final class InstrumentDoubt
{
    private const OVERDUE = 2;

    /** @param  Length  $stated  the expanded doubt at its last check */
    public static function expanded(Length $stated, bool $overdue): Length
    {
        return $overdue ? Length::ofNanometres($stated->nanometres * self::OVERDUE) : $stated;
    }
}
