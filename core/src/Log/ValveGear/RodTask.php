<?php

namespace Moltrek\Core\Log\ValveGear;

/** What comes next at the rods of a cylinder. */
enum RodTask: string
{
    case Before = 'before';
    case LetOut = 'let out';
    case Wait = 'wait';
    case Spin = 'spin';
    case Done = 'done';
}
