<?php

namespace Moltrek\Core\ValveGear;

/** Where a valve's shim comes from. */
enum ShimSource: string
{
    case Stays = 'stays';
    case Moved = 'moved';
    case Shelf = 'shelf';
    case Bought = 'bought';
}
