<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\Cooling;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Form;

/** Where air is heard that a cylinder does not hold. */
enum Hiss: string
{
    case Inlet = 'inlet';
    case Exhaust = 'exhaust';
    case Breather = 'oil filler';
    case Coolant = 'radiator';
    case Neighbour = 'next cylinder';
    case Gasket = 'head joint';

    /** @return list<self> where it can be heard on an engine that is built so */
    public static function on(EngineSheet $sheet): array
    {
        return array_values(array_filter(self::cases(), static fn (self $hiss): bool => match ($hiss) {
            self::Coolant => $sheet->layout->cooling === Cooling::Liquid,
            self::Neighbour => $sheet->layout->hasSeveral() && $sheet->layout->form !== Form::Vee,
            default => true,
        }));
    }

    /** What it says of the engine, and what to do about it. */
    public function means(EngineSheet $sheet): string
    {
        $first = $sheet->valveTrain->adjustment === Adjustment::Hydraulic ? 'a lifter still pumped up' : 'its clearance read';

        return match ($this) {
            self::Inlet => "An inlet valve does not seal: $first first, then seat and face.",
            self::Exhaust => "An exhaust valve does not seal: $first first, then seat and face.",
            self::Breather => 'Past the rings. Until they have bedded in some is lost here; much means gaps, a scored bore or a'
                .' broken ring.',
            self::Coolant => 'Head gasket or a crack into the water: not run until it is found.',
            self::Neighbour => 'The head gasket between the bores.',
            self::Gasket => 'The head joint, to the outside: face and torque looked at.',
        };
    }
}
