<?php

namespace Moltrek\Core\Sheet;

/** What a sheet may state limits for. */
enum LimitedQuantity: string
{
    case PistonClearance = 'piston_clearance';
    case RingGap = 'ring_gap';

    public function named(): string
    {
        return match ($this) {
            self::PistonClearance => 'Piston-to-cylinder clearance',
            self::RingGap => 'Ring end gap',
        };
    }

    /**
     * Whose figure rules unless the mechanic chooses otherwise, first to last.
     * Source: shop practice; the maker of the part that must survive rules it.
     *
     * @return list<SourceKind>
     */
    public function rulingOrder(): array
    {
        return match ($this) {
            self::PistonClearance => [SourceKind::PistonMaker, SourceKind::EngineMaker, SourceKind::Shop],
            self::RingGap => [SourceKind::RingMaker, SourceKind::PistonMaker, SourceKind::EngineMaker, SourceKind::Shop],
        };
    }
}
