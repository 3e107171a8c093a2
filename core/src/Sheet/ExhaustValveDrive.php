<?php

namespace Moltrek\Core\Sheet;

/** What moves an exhaust valve, and so what has to be let go of before it, or its barrel, comes away. */
enum ExhaustValveDrive: string
{
    case Governor = 'governor in the case';
    case Pneumatic = 'pneumatic';
    case ServoCable = 'servo cable';
    case Electric = 'electric';

    /** What leads to it: "rod". */
    public function linkage(): string
    {
        return match ($this) {
            self::Governor => 'rod',
            self::Pneumatic => 'hose',
            self::ServoCable => 'cable',
            self::Electric => 'plug',
        };
    }
}
