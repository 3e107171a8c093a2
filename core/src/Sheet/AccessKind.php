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

    /** @return non-empty-list<'first'|'what'> what it names beside its step, one of them at least */
    public function keys(): array
    {
        return match ($this) {
            self::InBefore, self::NotAfter, self::MakersWord => ['first'],
            self::InPartFirst => ['what', 'first'],
            self::TrappedAtBothEnds, self::LooseCaptive => ['what'],
        };
    }
}
