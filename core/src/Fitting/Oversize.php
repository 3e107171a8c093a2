<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Quantity\Length;

/** A piston that can be had, and what it is called: "+0.25". */
final readonly class Oversize
{
    public function __construct(public string $label, public Length $piston)
    {
    }
}
