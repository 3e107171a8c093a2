<?php

namespace Moltrek\Core\Sheet;

/** Which way a shaft turns, seen from where it is looked at. */
enum Rotation: string
{
    case Clockwise = 'clockwise';
    case Anticlockwise = 'anticlockwise';

    public function opposite(): self
    {
        return $this === self::Clockwise ? self::Anticlockwise : self::Clockwise;
    }
}
