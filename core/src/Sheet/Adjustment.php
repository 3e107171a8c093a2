<?php

namespace Moltrek\Core\Sheet;

/** How valve clearance is set. */
enum Adjustment: string
{
    case Screw = 'screw';
    case ShimUnderBucket = 'shim under bucket';
    case FingerAndShim = 'finger and shim';
    case Hydraulic = 'hydraulic';
    case GroundStem = 'ground stem';
}
