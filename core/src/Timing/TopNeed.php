<?php

namespace Moltrek\Core\Timing;

use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\ValveGear;

/**
 * What top dead centre is looked for, and how exactly it must be known for that: how far apart the pairs may lie that were read for
 * it. Source: shop practice; an ignition point asks for half of its own tolerance.
 */
enum TopNeed: string
{
    case ValveClearance = 'valve clearance';
    case CamMarks = 'cams by their marks';
    case CamWheel = 'cams by the degree wheel';
    case Ignition = 'ignition';

    private const DEGREE = 1_000_000_000;

    /** @return list<self> what an engine that is built so asks */
    public static function on(EngineSheet $sheet): array
    {
        return array_values(array_filter(self::cases(), static fn (self $need): bool => $need === self::Ignition
            || $sheet->valveTrain->gear !== ValveGear::None));
    }

    /**
     * @param  int|float|null  $tolerance  of the ignition point, from its lowest to its highest, billionths of a degree
     * @return int|float billionths of a degree
     */
    public function allows(int|float|null $tolerance): int|float
    {
        return match ($this) {
            self::ValveClearance => 10 * self::DEGREE,
            self::CamMarks => 2 * self::DEGREE,
            self::CamWheel => self::DEGREE,
            self::Ignition => $tolerance === null ? self::DEGREE / 2 : $tolerance / 2,
        };
    }

    /** With what it is found that exactly. */
    public function how(): string
    {
        return match ($this) {
            self::ValveClearance => 'a finger at the plug hole and a probe on the crown are enough',
            self::CamMarks => 'the crank’s mark, or the dial where it stands still',
            self::CamWheel => 'a stop, or equal drops of the dial; two pairs that agree',
            self::Ignition => 'a stop, or equal drops of the dial; two pairs that agree to half the tolerance',
        };
    }
}
