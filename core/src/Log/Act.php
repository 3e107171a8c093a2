<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Measuring\Spot;

/** What somebody does to a part that makes earlier readings or steps stale. */
enum Act: string
{
    case RingFiled = 'ring filed';
    case BoreHoned = 'bore honed';
    case BoreBored = 'bore bored';
    case BorePlated = 'bore plated';
    case PistonChanged = 'piston changed';
    case RingChanged = 'ring changed';

    /**
     * The one table of what an act makes stale: the quantities to be read again where it was done.
     * Source: shop practice; a reading is true only of the part as it was.
     *
     * @return list<string>
     */
    public function staleQuantities(): array
    {
        return match ($this) {
            self::RingFiled => ['ring_gap'],
            self::BoreHoned, self::BoreBored, self::BorePlated => ['bore', 'ring_gap', 'barrel_flatness'],
            self::PistonChanged => ['piston', 'ring_gap', 'ring_side_clearance', 'pin_in_piston'],
            self::RingChanged => ['ring_gap', 'ring_side_clearance'],
        };
    }

    /** Whether it is done to one ring alone. */
    public function isOfRing(): bool
    {
        return $this === self::RingFiled || $this === self::RingChanged;
    }

    /** Whether a reading at this spot has gone stale by the act at a cylinder, and a ring of it. */
    public function makesStale(Spot $spot, string $cylinder, string $ring): bool
    {
        if (! in_array($spot->measurable->key, $this->staleQuantities(), true)) {
            return false;
        }
        if ($spot->measurable->key === 'barrel_flatness') {
            return $this === self::BorePlated;
        }

        return $spot->cylinder?->id === $cylinder && ($ring === '' || ! $this->isOfRing() || $spot->part === $ring);
    }
}
