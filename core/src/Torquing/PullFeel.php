<?php

namespace Moltrek\Core\Torquing;

/** What the hand felt that no figure says: the fastener is asked about before anything else is pulled. */
enum PullFeel: string
{
    case ClickedAtOnce = 'clicked at once';
    case TurnsWithoutRising = 'turns without rising';

    public function outcome(): Outcome
    {
        return match ($this) {
            self::ClickedAtOnce => Outcome::ClickedAtOnce,
            self::TurnsWithoutRising => Outcome::Yields,
        };
    }
}
