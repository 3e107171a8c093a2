<?php

namespace Moltrek\Core\Sheet;

/** What is done to every fastener in one stage of a programme. */
enum StageKind: string
{
    case Torque = 'torque';
    case Angle = 'angle';
    case Loosen = 'loosen';
    case Snug = 'snug';
    case Check = 'check';
}
