<?php

namespace Moltrek\Core\Sheet;

/** How the order of a joint's bolts is come by. */
enum PatternKind: string
{
    case Cross = 'cross';
    case InsideOut = 'inside-out';
    case Round = 'round';
    case Given = 'given';
}
