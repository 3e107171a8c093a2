<?php

namespace Moltrek\Core\Sheet;

/** How the order of a joint's bolts is come by. */
enum PatternKind: string
{
    case Cross = 'cross';
    case InsideOut = 'inside-out';
    case Round = 'round';
    case Given = 'given';

    public function words(): string
    {
        return match ($this) {
            self::Cross => 'crosswise',
            self::InsideOut => 'from the middle outwards',
            self::Round => 'round the rim',
            self::Given => 'as I tap them',
        };
    }
}
