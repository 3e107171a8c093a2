<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Quantity\Length;

/** One diameter of a bore: how far down, on which axis, and what was read there. */
final readonly class BorePoint
{
    public function __construct(public Length $depth, public string $axis, public BoreReading $reading)
    {
    }

    public function diameter(): Length
    {
        return $this->reading->diameter;
    }
}
