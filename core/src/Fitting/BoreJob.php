<?php

namespace Moltrek\Core\Fitting;

/** What may be decided of a bore. */
enum BoreJob: string
{
    case Keep = 'keep';
    case Piston = 'piston';
    case Hone = 'hone';
    case Rebore = 'rebore';
    case Replate = 'replate';
    case Replace = 'replace';
}
