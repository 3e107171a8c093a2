<?php

namespace Moltrek\Core\Log\Timing;

/** What comes next until a cam stands on its right tooth and has stayed there over two turns. */
enum CamTask: string
{
    case Read = 'read';
    case Move = 'move';
    case Turn = 'turn';
    case Done = 'done';
}
