<?php

namespace Moltrek\Core\Planning;

enum StepState: string
{
    case Open = 'open';
    case Ready = 'ready';
    case Done = 'done';
}
