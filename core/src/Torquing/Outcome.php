<?php

namespace Moltrek\Core\Torquing;

/** What became of a pull. */
enum Outcome: string
{
    case Done = 'done';
    case InDoubt = 'in doubt';
    case Past = 'past its stage';
    case OutOfOrder = 'out of order';
    case Moved = 'moved';
    case Under = 'under';
    case Interrupted = 'interrupted';
    case Over = 'over';
    case ClickedAtOnce = 'clicked at once';
    case Yields = 'turns without rising';
    case Again = 'again';
    case Ahead = 'ahead of its stage';
    case Late = 'after the end';

    /** Whether the fastener has what its pass asks. */
    public function counts(): bool
    {
        return in_array($this, [self::Done, self::InDoubt, self::Past, self::OutOfOrder, self::Moved], true);
    }

    /** Whether the fastener is asked about before anything else is pulled. */
    public function isAsked(): bool
    {
        return in_array($this, [self::Over, self::ClickedAtOnce, self::Yields], true);
    }

    /** Whether somebody may let the fastener stand as it is: one whose thread goes or that yields never. */
    public function mayBeAccepted(): bool
    {
        return $this !== self::Yields;
    }
}
