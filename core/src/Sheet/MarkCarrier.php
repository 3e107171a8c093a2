<?php

namespace Moltrek\Core\Sheet;

/** What a timing mark stands on. */
enum MarkCarrier: string
{
    case CaseWall = 'case';
    case Plate = 'plate';
    case Rotor = 'rotor';
    case CrankWheel = 'crank wheel';
    case CamWheel = 'cam wheel';

    /** Whether it goes round with the crank, as it is drawn. */
    public function turnsWithCrank(): bool
    {
        return $this === self::Rotor || $this === self::CrankWheel;
    }
}
