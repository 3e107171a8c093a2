<?php

namespace Moltrek\Core\ValveGear;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/**
 * By how much an adjustable rod is let out for its lifter's preload: turns = preload × threads per length, in whole flats of its
 * nut. Counted exactly, so that what lies halfway between two flats goes up. Source: geometry of a thread.
 */
final readonly class RodTurns
{
    private const INCH = 25_400_000;

    private function __construct(public BigRational $turns, public int $flats, private int $perTurn, private BigRational $perNanometre)
    {
    }

    /**
     * @param  BigRational  $preload  nanometres
     * @param  BigRational  $perNanometre  threads
     * @param  int  $perTurn  flats of the nut
     */
    public static function of(BigRational $preload, BigRational $perNanometre, int $perTurn): self
    {
        $turns = $preload->multipliedBy($perNanometre);
        $flats = $turns->multipliedBy($perTurn)->plus('1/2')->toScale(0, RoundingMode::FLOOR)->toInt();

        return new self($turns, $flats, $perTurn, $perNanometre);
    }

    /** Threads to the inch, as threads to the nanometre. */
    public static function perInch(int|float $threads): BigRational
    {
        return BigRational::of((string) $threads)->dividedBy(self::INCH);
    }

    public function wholeTurns(): int
    {
        return intdiv($this->flats, $this->perTurn);
    }

    public function restFlats(): int
    {
        return $this->flats % $this->perTurn;
    }

    /** What those flats give, in nanometres. */
    public function preload(): float
    {
        return BigRational::of($this->flats)->dividedBy($this->perTurn)->dividedBy($this->perNanometre)->toFloat();
    }
}
