<?php

namespace Moltrek\Core\Sheet;

enum RingKind: string
{
    case Compression = 'compression';
    case OilRail = 'oil rail';
    case Expander = 'expander';
    case OilOnePiece = 'oil one-piece';

    /** Whether its end gap is read with leaves: the ends of an expander butt. */
    public function hasGap(): bool
    {
        return $this !== self::Expander;
    }

    /** Whether a leaf goes between it and its groove: a rail sits on its expander. */
    public function hasSideClearance(): bool
    {
        return $this === self::Compression;
    }
}
