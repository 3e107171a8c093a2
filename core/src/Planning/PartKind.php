<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Seal;

/**
 * The parts that the order of work knows: what each is called, and whether an old one may go back.
 * Source: shop practice; the maker's word comes first.
 */
enum PartKind: string
{
    case Circlips = 'Circlips';
    case RingSet = 'Ring set';
    case Piston = 'Piston';
    case Barrel = 'Barrel';
    case BaseGasket = 'Base gasket';
    case HeadJoint = 'Head gasket or O-rings';
    case HeadGasket = 'Head gasket';
    case HeadORings = 'Head O-rings';
    case CopperHeadGasket = 'Copper head gasket';
    case ORings = 'O-rings';
    case CoverGasket = 'Cover gasket';
    case TensionerGasket = 'Tensioner gasket';
    case CopperWasher = 'Copper washer';
    case LockWasher = 'Lock washer';
    case RodBolts = 'Rod bolts';
    case OilFilter = 'Oil filter';
    case TubeSeals = 'Tube seals';
    case StemSeals = 'Valve stem seals';
    case ExhaustValveSeals = 'Exhaust valve seals';
    case Dowels = 'Dowels';
    case Studs = 'Studs';
    case Plugs = 'Plugs';
    case SmallEndCage = 'Small-end cage';

    /** The kind that a part is of by the name it was planned or ordered under: "Circlips, cylinder 2", "Dowels of the old barrel". */
    public static function named(string $part): ?self
    {
        foreach (self::cases() as $kind) {
            if (preg_match('/^'.preg_quote($kind->value, '/').'(?:$|,| of )/i', $part) === 1) {
                return $kind;
            }
        }

        return null;
    }

    /** What seals a head, by what its sheet says of the joint. */
    public static function ofHead(?Seal $seal): self
    {
        return match ($seal) {
            Seal::ORing => self::HeadORings,
            Seal::Copper => self::CopperHeadGasket,
            Seal::Gasket, Seal::Paper, Seal::Steel => self::HeadGasket,
            default => self::HeadJoint,
        };
    }

    /** Whether an old one may go back; null where the trade has no rule. */
    public function reuse(): ?ReuseRule
    {
        [$class, $condition] = match ($this) {
            self::Circlips => [ReuseClass::OneUse, 'A clip that was bent open once has lost its spring.'],
            self::RingSet => [ReuseClass::OneUse, 'A ring that has run fits the bore it ran in, no other.'],
            self::BaseGasket, self::HeadJoint, self::HeadGasket => [ReuseClass::OneUse, 'Crushed once, it does not crush again.'],
            self::HeadORings, self::ORings => [ReuseClass::ReuseIf, 'it is round and soft all along, with no nick and no flat'],
            self::CopperHeadGasket => [ReuseClass::ReuseIf, 'annealed, flat, and without a crease over a way'],
            self::CoverGasket => [ReuseClass::ReuseIf, 'the rubber is soft, whole and not flattened'],
            self::TensionerGasket => [ReuseClass::ReuseIf, 'the paper was greased and came off whole'],
            self::CopperWasher => [ReuseClass::ReuseIf, 'annealed, and its faces are flat'],
            self::LockWasher => [ReuseClass::OneUse, 'A tab bends once.'],
            self::RodBolts => [ReuseClass::OneUse, 'A stretch bolt has been stretched.'],
            self::OilFilter => [ReuseClass::OneUse, 'It holds what wore off the old parts.'],
            self::TubeSeals, self::StemSeals, self::ExhaustValveSeals => [
                ReuseClass::RenewedThoughGood,
                'Its lip has run in another place.',
            ],
            self::Dowels, self::Studs, self::Plugs => [ReuseClass::CarriedOver, 'Goes from the old part to the new one.'],
            self::SmallEndCage => [ReuseClass::ReuseIf, 'no needle is blue or marked, and its pin has no step to feel'],
            self::Piston, self::Barrel => [null, ''],
        };

        return $class === null ? null : new ReuseRule($class, $condition);
    }
}
