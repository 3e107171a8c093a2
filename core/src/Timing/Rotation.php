<?php

namespace Moltrek\Core\Timing;

/** Which way a shaft turns, seen on its plate. */
enum Rotation: string
{
    case Clockwise = 'clockwise';
    case Anticlockwise = 'anticlockwise';

    public function opposite(): self
    {
        return $this === self::Clockwise ? self::Anticlockwise : self::Clockwise;
    }
}
