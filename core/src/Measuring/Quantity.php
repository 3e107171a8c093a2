<?php

namespace Moltrek\Core\Measuring;

/** What can be read at the bench, with the way its readings are entered. */
enum Quantity: string
{
    case Piston = 'piston';
    case Bore = 'bore';
    case RingGap = 'ring_gap';

    public function form(): EntryForm
    {
        return match ($this) {
            self::Piston => EntryForm::Direct,
            self::Bore => EntryForm::Diameter,
            self::RingGap => EntryForm::Leaves,
        };
    }

    /** Which kind of instrument it is usually read with. */
    public function instrument(): string
    {
        return match ($this) {
            self::Piston => 'micrometer',
            self::Bore => 'bore gauge',
            self::RingGap => 'feeler leaves',
        };
    }
}
