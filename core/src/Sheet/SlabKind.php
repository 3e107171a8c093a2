<?php

namespace Moltrek\Core\Sheet;

/** What a slab of the stack is, and so how it is drawn and which work belongs to it. */
enum SlabKind: string
{
    case Case = 'case';
    case BaseGasket = 'base gasket';
    case Barrel = 'barrel';
    case HeadGasket = 'head gasket';
    case Head = 'head';
    case ValveGear = 'valve gear';
    case Cover = 'cover';
}
