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

    private function __construct(public BigRational $turns, public int $flats, private int $perTurn)
    {
    }

    /**
     * @param  BigRational  $preload  nanometres
     * @param  BigRational  $perNanometre  threads
     * @param  int  $perTurn  flats of the nut
     */
    public static function of(BigRational $preload, BigRational $perNanometre, int $perTurn): self
    {
        return self::counted($preload->multipliedBy($perNanometre), $perTurn);
    }

    /** By so many turns as the maker states, whatever preload they give. */
    public static function stated(float $turns, int $perTurn): self
    {
        return self::counted(BigRational::of((string) $turns), $perTurn);
    }

    private static function counted(BigRational $turns, int $perTurn): self
    {
        $flats = $turns->multipliedBy($perTurn)->plus('1/2')->toScale(0, RoundingMode::FLOOR)->toInt();

        return new self($turns, $flats, $perTurn);
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

    /**
     * What those flats give, in nanometres.
     *
     * @param  BigRational  $perNanometre  threads
     */
    public function preload(BigRational $perNanometre): float
    {
        return BigRational::of($this->flats)->dividedBy($this->perTurn)->dividedBy($perNanometre)->toFloat();
    }
}
