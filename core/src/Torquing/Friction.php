<?php

namespace Moltrek\Core\Torquing;

/** What is on thread and seat, and the factor K of T = K·d·F that goes with it. Source: common handbook figures. */
enum Friction: string
{
    case Dry = 'dry';
    case Oiled = 'oiled';
    case AntiSeize = 'anti-seize';

    public function factor(): float
    {
        return match ($this) {
            self::Dry => 0.20,
            self::Oiled => 0.15,
            self::AntiSeize => 0.12,
        };
    }
}
