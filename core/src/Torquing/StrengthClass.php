<?php

namespace Moltrek\Core\Torquing;

/** How strong a bolt is. Source: ISO 898-1 for steel, ISO 3506-1 for stainless. */
enum StrengthClass: string
{
    case C88 = '8.8';
    case C109 = '10.9';
    case C129 = '12.9';
    case A270 = 'A2-70';

    /** Proof stress in MPa. */
    public function proofStress(): int
    {
        return match ($this) {
            self::C88 => 580,
            self::C109 => 830,
            self::C129 => 970,
            self::A270 => 450,
        };
    }
}
