<?php

namespace Moltrek\Core\Sheet;

/** Who states a limit. */
enum SourceKind: string
{
    case PistonMaker = 'piston maker';
    case RingMaker = 'ring maker';
    case GasketMaker = 'gasket maker';
    case CamMaker = 'cam maker';
    case PushrodMaker = 'pushrod maker';
    case EngineMaker = 'engine maker';
    case Shop = 'shop';
}
