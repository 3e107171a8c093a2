<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\PistonSize;

/**
 * Asks once about a figure that is far from what the sheet or the other readings lead one to expect: a slipped decimal,
 * inches for millimetres, a deviation added to the wrong setting, a thimble read one turn off. It never refuses.
 * Source: shop practice; a thimble of half a millimetre a turn is misread by just that.
 */
final class Plausibility
{
    /** A bore or piston in use is never this far from one of its listed sizes: less than half a turn of a thimble, in nanometres. */
    private const OFF_SIZE = 200_000;

    /** A piston and its bore, or two places of one bore, are never this far apart. */
    private const APART = 400_000;

    /** No ring end gap in use is larger than this part of its bore. */
    private const GAP_SHARE = 0.03;

    /**
     * The question to ask, or null where the reading looks like what it should be.
     *
     * @param  list<Length>  $beside  what else has been read of this bore and its piston
     */
    public static function question(Reading $reading, EngineSheet $sheet, array $beside = []): ?string
    {
        $bracket = $reading->bracket();
        if ($bracket !== null) {
            return self::aboutLeaves($reading, $bracket, $sheet->geometry->bore);
        }
        $read = $reading->size();
        if ($read === null || $reading->spot->about === null) {
            return self::aboutTool($reading);
        }

        return self::aboutSize($read, $sheet) ?? self::aboutOthers($read, $beside) ?? self::aboutTool($reading);
    }

    private static function aboutSize(Length $read, EngineSheet $sheet): ?string
    {
        $sizes = [$sheet->geometry->bore, ...array_map(static fn (PistonSize $size): Length => $size->piston, $sheet->piston->sizes)];
        usort($sizes, static fn (Length $one, Length $other): int => self::apart($one, $read) <=> self::apart($other, $read));
        if (self::apart($sizes[0], $read) <= self::OFF_SIZE) {
            return null;
        }

        return sprintf(
            'This reads %s; the nearest size on the sheet is %s. Are the unit and the decimal point right, and the turns of the thimble?',
            $read->written(),
            $sizes[0]->written(),
        );
    }

    /** @param  list<Length>  $beside */
    private static function aboutOthers(Length $read, array $beside): ?string
    {
        foreach ($beside as $other) {
            if (self::apart($other, $read) > self::APART) {
                return sprintf(
                    'This reads %s where bore and piston read %s beside it. One turn of a thimble is half a millimetre: read it again?',
                    $read->written(),
                    $other->written(),
                );
            }
        }

        return null;
    }

    private static function apart(Length $one, Length $other): int|float
    {
        return abs($one->nanometres - $other->nanometres);
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
