<?php

namespace Moltrek\Core\Planning;

/**
 * Open: others come first. Ready: can be done now. Blocked: its needs are met, but something holds it. Void: was done and no
 * longer counts.
 */
enum StepState: string
{
    case Open = 'open';
    case Ready = 'ready';
    case Blocked = 'blocked';
    case Done = 'done';
    case Void = 'void';
}
