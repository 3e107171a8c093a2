<?php

namespace Moltrek\Core\Fitting;

/** What carries a maker's mark: parts sorted by size, and the two parts whose marks together name a plain shell. */
enum MarkKind: string
{
    case Piston = 'piston';
    case Bore = 'bore';
    case CaseMain = 'case at main';
    case CrankMain = 'crank at main';
    case Rod = 'rod';
    case Crankpin = 'crankpin';

    /** Whether its mark is a number that counts in a shell's code, not the name of a size group. */
    public function counts(): bool
    {
        return $this !== self::Piston && $this !== self::Bore;
    }
}
