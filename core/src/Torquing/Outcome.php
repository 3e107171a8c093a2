<?php

namespace Moltrek\Core\Torquing;

/** What became of a pull. */
enum Outcome: string
{
    case Done = 'done';
    case OutOfOrder = 'out of order';
    case Moved = 'moved';
    case Under = 'under';
    case Interrupted = 'interrupted';
    case Over = 'over';
    case Again = 'again';
    case Ahead = 'ahead of its stage';
    case Late = 'after the end';

    /** Whether the fastener has what its pass asks. */
    public function counts(): bool
    {
        return in_array($this, [self::Done, self::OutOfOrder, self::Moved], true);
    }
}
