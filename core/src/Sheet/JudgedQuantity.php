<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Quantity\Dimension;

/**
 * The quantities for which a sheet may state limits, in the order of the hands, and whose figure rules for each. What is
 * known of reading them stands in the catalogue of the measuring chapter.
 */
enum JudgedQuantity: string
{
    case CrankingCompression = 'cranking_compression';
    case LeakDown = 'leak_down';
    case PistonClearance = 'piston_clearance';
    case BoreSize = 'bore_size';
    case OutOfRound = 'out_of_round';
    case Taper = 'taper';
    case RingGap = 'ring_gap';
    case RingSideClearance = 'ring_side_clearance';
    case PinInRod = 'pin_in_rod';
    case PinInPiston = 'pin_in_piston';
    case RodSideClearance = 'rod_side_clearance';
    case BigEndOilClearance = 'big_end_oil_clearance';
    case CrankRunout = 'crank_runout';
    case MainOilClearance = 'main_oil_clearance';
    case CrankEndFloat = 'crank_end_float';
    case Deck = 'deck';
    case Squish = 'squish';
    case ChamberVolume = 'chamber_volume';
    case CompressionRatio = 'compression_ratio';
    case TrappedRatio = 'trapped_ratio';
    case SquishVelocity = 'squish_velocity';
    case PortOpens = 'port_opens';
    case BarrelFlatness = 'barrel_flatness';
    case HeadFlatness = 'head_flatness';
    case ValveGuide = 'valve_guide';
    case SeatWidth = 'seat_width';
    case SpringLength = 'spring_length';
    case CamLobe = 'cam_lobe';
    case CamJournal = 'cam_journal';
    case ValveLash = 'valve_lash';
    case WheelOffset = 'wheel_offset';
    case GearBacklash = 'gear_backlash';

    public function dimension(): Dimension
    {
        return match ($this) {
            self::CrankingCompression, self::LeakDown => Dimension::Pressure,
            self::ChamberVolume => Dimension::Volume,
            self::CompressionRatio, self::TrappedRatio => Dimension::Ratio,
            self::SquishVelocity => Dimension::Speed,
            self::PortOpens => Dimension::Angle,
            default => Dimension::Length,
        };
    }

    /** Whether a figure may lie under nothing: a crown that stands proud. */
    public function mayBeNegative(): bool
    {
        return $this === self::Deck;
    }

    /**
     * Whose figure rules, first to last: the maker of the part, then the engine's maker, then the shop.
     *
     * @return list<SourceKind>
     */
    public function rulingOrder(): array
    {
        $first = match ($this) {
            self::PistonClearance, self::PinInPiston => [SourceKind::PistonMaker],
            self::RingGap, self::RingSideClearance => [SourceKind::RingMaker, SourceKind::PistonMaker],
            self::CamLobe, self::ValveLash => [SourceKind::CamMaker],
            default => [],
        };

        return [...$first, SourceKind::EngineMaker, SourceKind::Shop];
    }

    /** What it is called where the part that it is of does not stand beside it; null where its name says it. */
    public function alone(): ?string
    {
        return match ($this) {
            self::PistonClearance => 'Piston clearance',
            self::MainOilClearance => 'Main bearing oil clearance',
            self::CamJournal => 'Cam journal clearance',
            self::CamLobe => 'Cam lobe height',
            self::ValveLash => 'Valve clearance',
            self::ValveGuide => 'Valve guide clearance',
            self::SeatWidth => 'Valve seat width',
            self::SpringLength => 'Valve spring free length',
            self::CompressionRatio => 'Full compression ratio',
            self::TrappedRatio => 'Trapped compression ratio',
            self::BarrelFlatness => 'Barrel face flatness',
            self::HeadFlatness => 'Head face flatness',
            default => null,
        };
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn (self $quantity): string => $quantity->value, self::cases());
    }
}
