<?php

namespace App\Upkeep;

/** How the file of a photograph stands against what was kept of it. */
enum PhotographState
{
    case Sound;
    case Changed;
    case Gone;
}
