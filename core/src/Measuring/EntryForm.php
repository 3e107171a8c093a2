<?php

namespace Moltrek\Core\Measuring;

/** How a reading is typed: one figure, a figure or a gauge's deviation from its setting, or leaves that pass, drag and refuse. */
enum EntryForm: string
{
    case Direct = 'direct';
    case Diameter = 'diameter';
    case Leaves = 'leaves';
}
