<?php

namespace Moltrek\Core\Log;

/** How the engine came in. */
enum JobCondition: string
{
    case Whole = 'whole';
    case Apart = 'apart';
}
