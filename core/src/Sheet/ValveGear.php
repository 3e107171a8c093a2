<?php

namespace Moltrek\Core\Sheet;

enum ValveGear: string
{
    case None = 'none';
    case Side = 'side';
    case Pushrod = 'pushrod';
    case SingleCam = 'single cam';
    case DoubleCam = 'twin cam';
}
