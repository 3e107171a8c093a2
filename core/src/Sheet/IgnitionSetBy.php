<?php

namespace Moltrek\Core\Sheet;

/** What is moved to set the ignition point. */
enum IgnitionSetBy: string
{
    case Plate = 'plate';
    case PickUp = 'pick-up';
    case Nothing = 'nothing';
}
