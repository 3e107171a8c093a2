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

    /** The question to ask, or null where the reading looks like what it should be. */
    public static function question(Reading $reading, Length $bore): ?string
    {
        $bracket = $reading->bracket();
        if ($bracket !== null) {
            return self::aboutLeaves($reading, $bracket, $bore);
        }
        $read = $reading->size();
        $expected = $reading->spot->about;
        if ($read === null || $expected === null || self::isNear($read, $expected)) {
            return self::aboutTool($reading);
        }

        return sprintf(
            'This reads %s and the sheet says about %s. Is the unit right, and the decimal point?',
            $read->written(),
            $expected->written(),
        );
    }

    private static function isNear(Length $read, Length $expected): bool
    {
        return abs($read->nanometres - $expected->nanometres) <= $expected->nanometres * self::SIZE_SHARE;
    }

    private static function aboutLeaves(Reading $reading, FeelerBracket $bracket, Length $bore): ?string
    {
        $most = $bore->nanometres * self::GAP_SHARE;
        if ($bracket->low->nanometres > $most) {
            return sprintf(
                'A gap of %s is very wide for a %s bore. Is the decimal point right?',
                $bracket->low->written(),
                $bore->written(),
            );
        }
        $shelf = array_map(static fn (Leaf $leaf): int|float => $leaf->thickness->nanometres, $reading->shelf());
        foreach ([$bracket->passes, $bracket->drags, $bracket->refuses] as $leaf) {
            if ($leaf !== null && $shelf !== [] && ! in_array($leaf->nanometres, $shelf, false)) {
                return sprintf('The set has no leaf of %s. Two together, or a slip?', $leaf->written());
            }
        }

        return self::aboutTool($reading);
    }

    /** A tool that does not suit the place is said, and never refused. */
    private static function aboutTool(Reading $reading): ?string
    {
        return $reading->tool === null ? null : $reading->spot->measurable->taken->unsuited[$reading->tool->kind] ?? null;
    }
}
