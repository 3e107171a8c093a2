<?php

namespace Moltrek\Core\Timing;

/** How the two readings of a pair were come by. */
enum TopWay: string
{
    case Stop = 'stop';
    case EqualDrops = 'equal drops';
    case Dwell = 'dwell';

    public function words(): string
    {
        return match ($this) {
            self::Stop => 'at a stop',
            self::EqualDrops => 'at equal drops of the dial',
            self::Dwell => 'where the dial stands still',
        };
    }
}
