<?php

namespace Moltrek\Core\Sheet;

/** How a cam comes to its place. */
enum CamEntry: string
{
    case Caps = 'caps';
    case ThroughWheel = 'through wheel';
    case StaysInHead = 'stays in head';
    case InCase = 'in case';
}
