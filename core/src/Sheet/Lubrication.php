<?php

namespace Moltrek\Core\Sheet;

/** How oil comes to the top end. */
enum Lubrication: string
{
    case Pressure = 'pressure';
    case Splash = 'splash';
    case Fuel = 'fuel';
}
