<?php

namespace Moltrek\Core\Sheet;

/** What seals the joint under a slab. */
enum Seal: string
{
    case Gasket = 'gasket';
    case Paper = 'paper';
    case Steel = 'steel';
    case Copper = 'copper';
    case ORing = 'o-ring';
    case Sealant = 'sealant';
    case Bare = 'bare';
}
