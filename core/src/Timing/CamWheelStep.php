<?php

namespace Moltrek\Core\Timing;

/** Whole teeth of a cam wheel: one is 360/N degrees of the cam, 720/N of the crank. Angles in billionths of a degree. */
final readonly class CamWheelStep
{
    public function __construct(private int $teeth)
    {
    }

    public function cam(): float
    {
        return Circle::TURN / $this->teeth;
    }

    public function crank(): float
    {
        return 2 * $this->cam();
    }

    /**
     * The whole teeth that come closest to an error, signed as it is; of two as close the fewer.
     *
     * @param  int|float  $error  of the crank
     */
    public function closestTo(int|float $error): int
    {
        $turn = 2 * Circle::TURN;
        $size = abs($error) * $this->teeth;
        if (is_int($size)) {
            $whole = intdiv($size, $turn);
            $teeth = ($size - $whole * $turn) * 2 > $turn ? $whole + 1 : $whole;
        } else {
            $teeth = (int) ceil($size / $turn - 0.5);
        }

        return $error < 0 ? -$teeth : $teeth;
    }

    /** What is left of an error of the crank once so many teeth have been moved. */
    public function left(int|float $error, int $teeth): int|float
    {
        return $teeth === 0 ? $error : ($error * $this->teeth - $teeth * 2 * Circle::TURN) / $this->teeth;
    }
}
