<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Quantity\Dimension;

/** The kinds of measuring tool that the shop keeps, and what each of them reads. */
enum ToolKind: string
{
    case Micrometer = 'micrometer';
    case BoreGauge = 'bore gauge';
    case Caliper = 'caliper';
    case DialIndicator = 'dial indicator';
    case FeelerLeaves = 'feeler leaves';
    case SmallHoleGauge = 'small-hole gauge';
    case CrushedStrip = 'crushed strip';
    case SettingRing = 'setting ring';
    case PressureGauge = 'pressure gauge';
    case DegreeWheel = 'degree wheel';
    case TorqueWrench = 'torque wrench';
    case TorqueAdapter = 'torque adapter';
    case Burette = 'burette';

    public function dimension(): Dimension
    {
        return match ($this) {
            self::PressureGauge => Dimension::Pressure,
            self::DegreeWheel => Dimension::Angle,
            self::TorqueWrench => Dimension::Torque,
            self::Burette => Dimension::Volume,
            default => Dimension::Length,
        };
    }

    /** What its length is taken between, where a setting depends on it. */
    public function length(): ?string
    {
        return match ($this) {
            self::TorqueWrench => 'hand to square',
            self::TorqueAdapter => 'square to bolt',
            default => null,
        };
    }

    /** A set of leaves, each of its own thickness. */
    public function hasLeaves(): bool
    {
        return $this === self::FeelerLeaves;
    }

    /** It sets a gauge to its own size, which is all of its range. */
    public function setsGauges(): bool
    {
        return $this === self::SettingRing;
    }
}
