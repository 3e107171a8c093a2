<?php

namespace Moltrek\Core\Sheet;

/** What the bore is made of: iron can be honed and bored, a plated bore cannot. */
enum Lining: string
{
    case Iron = 'iron';
    case Plated = 'plated';
}
