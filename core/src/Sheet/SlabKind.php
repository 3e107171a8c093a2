<?php

namespace Moltrek\Core\Sheet;

/** What a slab of the stack is, and so how it is drawn and which work belongs to it. */
enum SlabKind: string
{
    case Case = 'case';
    case BaseGasket = 'base gasket';
    case Barrel = 'barrel';
    case HeadGasket = 'head gasket';
    case Head = 'head';
    case ValveGear = 'valve gear';
    case Cover = 'cover';
    case CamHolder = 'cam holder';
    case RockerBox = 'rocker box';
    case SideCover = 'side cover';
    case ExhaustValveCover = 'exhaust valve cover';
    case CamChest = 'cam chest';

    public function isGasket(): bool
    {
        return $this === self::BaseGasket || $this === self::HeadGasket;
    }

    /** Whether what lies there sets how high a barrel or a head stands: a gasket, or the insert of a head. */
    public function setsHeight(): bool
    {
        return $this->isGasket() || $this === self::Head;
    }

    /** Whether what is added there lifts the barrel, and its ports with it. */
    public function isBelowBarrel(): bool
    {
        return $this === self::BaseGasket;
    }

    /** Whether it stands beside the columns and hides nothing of them. */
    public function isBeside(): bool
    {
        return in_array($this, [self::SideCover, self::ExhaustValveCover, self::CamChest], true);
    }

    /** Whether it can be the top of a column. */
    public function canTop(): bool
    {
        return $this === self::Cover || $this->carriesRockers();
    }

    public function carriesRockers(): bool
    {
        return $this === self::RockerBox || $this === self::ValveGear;
    }
}
