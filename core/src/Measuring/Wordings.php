<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Judgement\Wording;

/** How the trade speaks of fits and gaps, wherever they are judged. */
final class Wordings
{
    /** The clearance of a piston in its bore. */
    public static function pistonClearance(): Wording
    {
        return new Wording(
            'the clearance', 'too tight', 'too loose',
            'Hone to size where the bore may be honed, or fit a smaller piston.',
            'Fit the next larger piston, or have the bore sized or plated.',
            'Read bore and piston again with a finer tool, or set the gauge with the tool that read the piston.',
        );
    }

    /** Any other hole and what goes into it. */
    public static function clearance(): Wording
    {
        return new Wording(
            'the clearance', 'too tight', 'too loose',
            'Read both again with the parts at one temperature; if it stands, size the hole or change the part.',
            'Renew the worn part; read the new one before it is fitted.',
            'Read both again with a finer tool, or set the gauge with the tool that read the shaft.',
        );
    }

    public static function ringGap(): Wording
    {
        return new Wording(
            'the gap', 'too tight', 'too wide',
            'File the ends square, little by little, and try again.',
            'Fit another ring; where the bore is worn, decide the bore first.',
            'Try a leaf inside the range.',
        );
    }

    public static function boreSize(): Wording
    {
        return new Wording(
            'the bore', 'too small', 'too large',
            'Hone to size where the bore may be honed.',
            'Rebore, replate or replace: decide the bore.',
            'Read it again with a finer gauge, or set the gauge again.',
        );
    }

    public static function boreShape(string $what): Wording
    {
        return new Wording(
            $what, 'too small', 'too large',
            'Read it again.',
            'Rebore, replate or replace: decide the bore.',
            'Read the two places again with a finer gauge.',
        );
    }

    /** A quantity with words of its own; a close call is settled by a finer tool. */
    public static function of(string $what, string $low, string $high, string $mendLow, string $mendHigh): Wording
    {
        return new Wording($what, $low, $high, $mendLow, $mendHigh, 'Read it again with a finer tool.');
    }
}
