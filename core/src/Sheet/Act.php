<?php

namespace Moltrek\Core\Sheet;

/**
 * What somebody does to a part that makes earlier readings or steps untrue. Which ones, each quantity and each step says of
 * itself: a quantity by the acts that make it stale, a step by the acts that undo it.
 */
enum Act: string
{
    case RingFiled = 'ring filed';
    case BoreHoned = 'bore honed';
    case BoreBored = 'bore bored';
    case BorePlated = 'bore plated';
    case PistonChanged = 'piston changed';
    case RingChanged = 'ring changed';
    case BaseGasketChanged = 'base gasket changed';
    case HeadGasketChanged = 'head gasket changed';
    case HeadSlackened = 'head slackened';
    case CamOut = 'cam out';
    case ShimChanged = 'shim changed';
    case RotorOff = 'rotor off';
    case OtherCases = 'other cases or crank';
    case PistonMetValve = 'piston met a valve';
    case LiquidInCylinder = 'liquid in a cylinder';
    case Seized = 'seized';
    case BrokeRing = 'broke a ring';

    /** What befell a cylinder, and leaves a list to be read or renewed before it starts again. */
    public const MISHAPS = [self::PistonMetValve, self::LiquidInCylinder, self::Seized, self::BrokeRing];

    /** The three that take the wall of a bore away. */
    public const BORE_WORKED = [self::BoreHoned, self::BoreBored, self::BorePlated];

    /** @return list<self> what can be done to an engine that is built so */
    public static function on(EngineSheet $sheet): array
    {
        $train = $sheet->valveTrain;
        $shims = [Adjustment::ShimUnderBucket, Adjustment::FingerAndShim];

        return array_values(array_filter(self::cases(), static fn (self $act): bool => match ($act) {
            self::BaseGasketChanged => $sheet->slab(SlabKind::BaseGasket) !== null,
            self::HeadGasketChanged => $sheet->slab(SlabKind::HeadGasket) !== null,
            self::CamOut, self::PistonMetValve => $train->valves !== [],
            self::ShimChanged => in_array($train->adjustment, $shims, true),
            default => true,
        }));
    }

    /** Whether it is done to one cylinder, and so only that cylinder's readings and steps are undone. */
    public function isOfCylinder(): bool
    {
        return in_array($this, [...self::BORE_WORKED, ...self::MISHAPS, self::PistonChanged], true) || $this->isOfRing();
    }

    /** Whether it is done to one ring alone. */
    public function isOfRing(): bool
    {
        return $this === self::RingFiled || $this === self::RingChanged;
    }

    /** Whether it is done to one valve alone. */
    public function isOfValve(): bool
    {
        return $this === self::ShimChanged;
    }
}
