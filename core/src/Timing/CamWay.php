<?php

namespace Moltrek\Core\Timing;

/** Which way a cam is moved against its wheel: forward in its own turning, or back. */
enum CamWay: string
{
    case Advance = 'advance';
    case Retard = 'retard';

    public function opposite(): self
    {
        return $this === self::Advance ? self::Retard : self::Advance;
    }
}
