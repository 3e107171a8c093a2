<?php

namespace Moltrek\Core\Sheet;

/** How the exhaust valve of a two-stroke is built. */
enum ExhaustValveKind: string
{
    case Guillotine = 'guillotine';
    case Flap = 'flap';
    case Drum = 'drum';
    case RackAndHalves = 'rack and halves';
}
