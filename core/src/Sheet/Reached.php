<?php

namespace Moltrek\Core\Sheet;

/** How a wrench gets at a fastener. */
enum Reached: string
{
    case Straight = 'straight';
    case Adapter = 'adapter';
    case Feel = 'feel';
}
