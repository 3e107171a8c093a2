<?php

namespace Moltrek\Core\Log\ValveGear;

/** What comes next with the shims of an engine. */
enum ShimTask: string
{
    case Read = 'read';
    case Shims = 'shims';
    case Decide = 'decide';
    case Fit = 'fit';
    case ReadAgain = 'read again';
    case Done = 'done';
}
