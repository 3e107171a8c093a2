<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Judgement\Wording;
use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\EngineSheet;

/** How the trade speaks of fits and gaps, wherever they are judged. */
final class Wordings
{
    /** The clearance of a piston in its bore. */
    public static function pistonClearance(): Wording
    {
        return new Wording(
            'the clearance', 'too tight', 'too loose',
            'Hone to size where the bore may be honed, or fit a smaller piston.',
            'A worn piston: a new one of this size. A worn bore: cut to the next size, or plated, and its piston with it.',
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

    /** A size read several times at one place. */
    public static function reading(): Wording
    {
        return new Wording(
            'the reading', 'too small', 'too large',
            'Clean both faces and read it again; if it stands, the part is worn or the wrong one.',
            'Clean both faces and read it again; if it stands, the part is worn or the wrong one.',
            'Read it again at the same place: each repeat narrows the doubt; or read it with a finer tool.',
        );
    }

    public static function deck(): Wording
    {
        return self::of('the crown', 'too high', 'too deep',
            'More thickness below the barrel, in paper or by a spacer.', 'Less thickness below the barrel.');
    }

    public static function squish(): Wording
    {
        return self::of('the squish clearance', 'too small', 'too large', 'More thickness above or below the barrel.',
            'Less thickness above or below the barrel.');
    }

    /**
     * How a quantity is spoken of on this engine, where that hangs on how it is built: what is done about it, mostly.
     * Source: shop practice.
     */
    public static function on(EngineSheet $sheet, Measurable $quantity): Wording
    {
        $isTwoStroke = $sheet->layout->cycle === Cycle::TwoStroke;

        return match ($quantity->key) {
            'cranking_compression' => self::of('the compression', 'too low', 'too high',
                'Look for the leak: '.($isTwoStroke ? 'rings, head joint, reed or crank seals.' : 'rings, valves or head joint.'),
                'Look for carbon or a gasket that is too thin.'),
            'leak_down' => self::of('the leak', 'too small', 'too large', 'Read the supply again.', $isTwoStroke
                ? 'Listen at the ports, the reed and the coolant; open what hisses.'
                : 'Listen at inlet, exhaust, breather and coolant; open what hisses.'),
            'valve_lash' => self::lash($sheet->valveTrain->adjustment),
            default => $quantity->wording,
        };
    }

    private static function lash(?Adjustment $adjustment): Wording
    {
        [$open, $close] = match ($adjustment) {
            Adjustment::GroundStem => [
                'Grind the stem square, little by little, and read again.',
                'A ground stem gives nothing back: the seat is cut lower, or a new valve is ground in.',
            ],
            Adjustment::ShimUnderBucket, Adjustment::FingerAndShim => [
                'A thinner shim, then read again.',
                'A thicker shim, then read again.',
            ],
            default => ['Screw out, lock, and read again.', 'Screw in, lock, and read again.'],
        };

        return self::of('the valve clearance', 'too tight', 'too wide', $open, $close);
    }

    /** A quantity with words of its own; a close call is settled by a finer tool. */
    public static function of(string $what, string $low, string $high, string $mendLow, string $mendHigh): Wording
    {
        return new Wording($what, $low, $high, $mendLow, $mendHigh, 'Read it again with a finer tool.');
    }
}
