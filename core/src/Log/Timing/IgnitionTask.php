<?php

namespace Moltrek\Core\Log\Timing;

/** What comes next on the way to an ignition point inside its tolerance. */
enum IgnitionTask: string
{
    case Read = 'read';
    case Look = 'look';
    case RotorOff = 'rotor off';
    case Move = 'move';
    case RotorOn = 'rotor on';
    case Done = 'done';
}
