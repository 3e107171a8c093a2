<?php

namespace Moltrek\Core\Sheet;

enum ValveSide: string
{
    case Inlet = 'inlet';
    case Exhaust = 'exhaust';
}
