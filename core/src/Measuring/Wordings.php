<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Judgement\Wording;
use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\Cooling;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Lining;
use Moltrek\Core\Sheet\Seal;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\StackPiece;

/** How the trade speaks of fits and gaps, wherever they are judged. */
final class Wordings
{
    /** The clearance of a piston in its bore; of what the bore is lined with, where that is known. */
    public static function pistonClearance(?Lining $lining = null): Wording
    {
        [$tight, $worn] = match ($lining) {
            Lining::Iron => ['Hone the bore to size, or fit a smaller piston.', 'cut to the next size, and its piston with it'],
            Lining::Plated => ['Fit a smaller piston; the plating is never honed to size.', 'plated anew, or another barrel'],
            null => ['Hone to size where the bore may be honed, or fit a smaller piston.',
                'cut to the next size, or plated, and its piston with it'],
        };

        return new Wording(
            'the clearance', 'too tight', 'too loose', $tight, "A worn piston: a new one of this size. A worn bore: $worn.",
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

    public static function boreSize(?Lining $lining = null): Wording
    {
        return new Wording(
            'the bore', 'too small', 'too large',
            match ($lining) {
                Lining::Iron => 'Hone it to size.',
                Lining::Plated => 'Another barrel, or a smaller piston: the plating is never honed to size.',
                null => 'Hone to size where the bore may be honed.',
            },
            self::bored($lining),
            'Read it again with a finer gauge, or set the gauge again.',
        );
    }

    /** What is done about a bore that is past its size or its shape. */
    private static function bored(?Lining $lining): string
    {
        return match ($lining) {
            Lining::Iron => 'Rebore or replace: decide the bore.',
            Lining::Plated => 'Replate or replace: decide the bore.',
            null => 'Rebore, replate or replace: decide the bore.',
        };
    }

    public static function boreShape(string $what, ?Lining $lining = null): Wording
    {
        return new Wording(
            $what, 'too small', 'too large',
            'Read it again.',
            self::bored($lining),
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
        $wet = $sheet->layout->cooling === Cooling::Liquid ? ' and coolant' : '';

        return match ($quantity->key) {
            'cranking_compression' => self::of('the compression', 'too low', 'too high',
                'Look for the leak: '.($isTwoStroke ? 'rings and head joint, then what the case loses: its seals and the inlet.'
                    : 'rings, valves or head joint.'),
                'Look for carbon or a gasket that is too thin.'),
            'leak_down' => self::of('the leak', 'too small', 'too large', 'Read the supply again.',
                'Listen at '.($isTwoStroke ? 'exhaust, inlet, head joint' : 'inlet, exhaust, breather').$wet.'; open what hisses.'),
            'valve_lash' => self::lash($sheet->valveTrain->adjustment),
            'rod_play' => self::of('the rod', 'without play', 'with play', '', $sheet->crank?->plain === true
                ? 'Cap off: journal and shells read before anything above is fitted.'
                : 'The crank comes out: nothing above it is fitted before.'),
            'bore', 'bore_size' => self::boreSize($sheet->barrel->lining),
            'out_of_round' => self::boreShape('out-of-round', $sheet->barrel->lining),
            'taper' => self::boreShape('the taper', $sheet->barrel->lining),
            'piston_clearance' => self::pistonClearance($sheet->barrel->lining),
            'deck' => $sheet->stack->all(SlabKind::BaseGasket) !== [] ? $quantity->wording : $quantity->wording->mended(
                'Look for another piston, or a face that was cut.', 'Look for another piston.'),
            'squish' => $quantity->wording->mended('More thickness '.self::where($sheet).'.', 'Less thickness '.self::where($sheet).'.'),
            'compression_ratio', 'trapped_ratio', 'squish_velocity' => $quantity->wording->mended(
                'Less thickness '.self::where($sheet).'.', 'More thickness '.self::where($sheet).'.'),
            default => $quantity->wording,
        };
    }

    /** Where this engine takes another thickness: below its barrel, above it, or both. */
    private static function where(EngineSheet $sheet): string
    {
        $gaskets = array_filter($sheet->stack->all(SlabKind::HeadGasket),
            static fn (Slab $gasket): bool => $sheet->stack->sealOf($gasket) !== Seal::ORing);
        $inserts = array_filter($sheet->pieces->all, static fn (StackPiece $piece): bool => $piece->volume !== null);
        $isAbove = $gaskets !== [] || $inserts !== [];

        return match (true) {
            $sheet->stack->all(SlabKind::BaseGasket) === [] => $isAbove ? 'under the head' : 'where its maker has a piece for it',
            default => $isAbove ? 'above or below the barrel' : 'below the barrel',
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
