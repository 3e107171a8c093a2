<?php

namespace Moltrek\Core\Sheet;

/** How a piston was made; a forged one grows more and needs more clearance, and its sheet says so. */
enum PistonType: string
{
    case Cast = 'cast';
    case Forged = 'forged';
}
