<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;

/** A crow's foot or an extension on the square of a wrench, at an angle to its handle: straight out is 0. */
final readonly class Adapter
{
    /** @param  int|float  $angle  billionths of a degree */
    public function __construct(public Length $length, public int|float $angle)
    {
    }

    /** How much longer it makes the lever, in nanometres; nothing at a right angle, less than nothing turned back. */
    public function reach(): float
    {
        $degrees = Dimension::Angle->canonicalValue($this->angle);
        // a right angle adds nothing at all, not the last digit of π/2
        $share = fmod(abs($degrees), 180.0) === 90.0 ? 0.0 : cos(deg2rad($degrees));

        return $this->length->nanometres * $share;
    }
}
