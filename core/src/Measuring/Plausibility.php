<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Quantity\Length;

/**
 * Asks once about a figure that is far from what the sheet leads one to expect: a slipped decimal, inches for millimetres,
 * a deviation added to the wrong setting. It never refuses.
 */
final class Plausibility
{
    /** A bore or piston is never this far from the nominal bore, even after several oversizes. */
    private const SIZE_SHARE = 0.05;

    /** No ring end gap in use is larger than this part of its bore. */
    private const GAP_SHARE = 0.03;

    /** The question to ask, or null where the figure looks like what it should be. */
    public static function question(Reading $reading, Length $bore): ?string
    {
        $read = $reading->size();
        if ($reading->bracket !== null) {
            $most = $bore->nanometres * self::GAP_SHARE;

            return $read->nanometres <= $most ? null
                : sprintf('A gap of %s is very wide for a %s bore. Is the decimal point right?', $read->written(), $bore->written());
        }
        $expected = $reading->spot->expected ?? $bore;
        if (abs($read->nanometres - $expected->nanometres) <= $expected->nanometres * self::SIZE_SHARE) {
            return null;
        }

        return sprintf('This reads %s and the sheet says about %s. Is the unit right, and the decimal point?', $read->written(), $expected->written());
    }
}
