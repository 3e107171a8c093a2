<?php

namespace Moltrek\Core\Sheet;

/** How piston and barrel come together; it changes the order of steps, the ring tool and which circlip is open. */
enum Joining: string
{
    case Lowered = 'barrel lowered over the pistons';
    case IntoBarrel = 'pistons into the barrel on the bench';
    case UpperCase = 'bores in the upper case, pistons from above';
}
