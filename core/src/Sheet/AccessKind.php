<?php

namespace Moltrek\Core\Sheet;

/** Why one thing has to be done before another can no longer be reached, or cannot go in. */
enum AccessKind: string
{
    case InBefore = 'must be in before';
    case NotAfter = 'cannot be reached after';
    case InPartFirst = 'goes into the part before the part goes in';
    case TrappedAtBothEnds = 'trapped at both ends';
    case LooseCaptive = 'loose, and falls when the part is lifted';
    case MakersWord = 'the maker asks for it first';

    /** Whether it puts one step after another; the others are looked at in the hold, or held while lifting. */
    public function isOrder(): bool
    {
        return $this === self::InBefore || $this === self::NotAfter || $this === self::InPartFirst || $this === self::MakersWord;
    }
}
