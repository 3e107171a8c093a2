<?php

namespace Moltrek\Core\Sheet;

/** What it means when a timing mark is met. */
enum MarkedFor: string
{
    case TopDeadCentre = 'top dead centre';
    case Ignition = 'ignition';
    case Cams = 'cams';
}
