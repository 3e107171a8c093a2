<?php

namespace Moltrek\Core\Sheet;

enum CamDrive: string
{
    case Chain = 'chain';
    case Gears = 'gears';
}
