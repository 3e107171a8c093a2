<?php

namespace Moltrek\Core\Sheet;

enum Cooling: string
{
    case Air = 'air';
    case Liquid = 'liquid';
}
