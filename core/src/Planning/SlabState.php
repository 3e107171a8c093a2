<?php

namespace Moltrek\Core\Planning;

enum SlabState: string
{
    case Off = 'off';
    case Loose = 'loose';
    case On = 'on';
    case Torqued = 'torqued';
    case Provisional = 'provisional';

    /** Whether it lies where it belongs, be it loose. */
    public function isInPlace(): bool
    {
        return $this !== self::Off;
    }
}
