<?php

namespace Moltrek\Core\Sheet;

enum Cycle: string
{
    case TwoStroke = 'two-stroke';
    case FourStroke = 'four-stroke';

    /** Crank degrees after which the engine repeats itself. */
    public function period(): int
    {
        return $this === self::TwoStroke ? 360 : 720;
    }
}
