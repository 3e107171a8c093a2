<?php

namespace Moltrek\Core\ValveGear;

use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Judgement\Wording;

/**
 * How much comes off a stem that is ground to length: a stem only gets shorter, and the clearance grows by what comes off it. What
 * is too wide already cannot be mended so. Source: geometry. Lengths in nanometres.
 */
final readonly class StemGrind
{
    private function __construct(public int|float $atLeast, public int|float $atMost)
    {
    }

    /** Nothing where nothing need come off, or where no cut brings all of what was read inside. */
    public static function of(LashRead $read, LashTarget $target): ?self
    {
        if ($read->low >= $target->min) {
            return null;
        }
        $grind = new self($target->min - $read->low, $target->max - $read->high);

        return $grind->atMost < $grind->atLeast ? null : $grind;
    }

    public function aim(): int|float
    {
        return ($this->atLeast + $this->atMost) / 2;
    }

    public static function verdict(LashRead $read, LashTarget $target): Verdict
    {
        $wording = new Wording('the valve clearance', 'too tight', 'too wide', 'Grind the stem, little by little, square, and read again.',
            'A stem is not made longer: another valve, or the seat cut deeper.', 'Read it with leaves that lie closer together.');

        return Verdict::of($target->limit(), $wording, $read->interval());
    }
}
