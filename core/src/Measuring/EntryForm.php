<?php

namespace Moltrek\Core\Measuring;

/**
 * How a reading is typed: one figure; a figure or a gauge's deviation from its setting; a hole and what goes into it;
 * leaves that pass, drag and refuse; a crushed strip, which may be an "at least"; or a yes or no of the hand and eye.
 */
enum EntryForm: string
{
    case Direct = 'direct';
    case Diameter = 'diameter';
    case HoleAndShaft = 'hole and shaft';
    case Leaves = 'leaves';
    case Strip = 'strip';
    case YesNo = 'yes or no';
}
