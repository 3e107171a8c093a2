<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Fitting\MarkKind;
use Moltrek\Core\Fitting\MarkPlace;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Step;

/** What somebody does to a part that makes earlier readings or steps stale. */
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

    /** @return list<self> what can be done to an engine that is built so */
    public static function on(EngineSheet $sheet): array
    {
        $shims = [Adjustment::ShimUnderBucket, Adjustment::FingerAndShim];

        return array_values(array_filter(self::cases(), static fn (self $act): bool => match ($act) {
            self::BaseGasketChanged => $sheet->slab(SlabKind::BaseGasket) !== null,
            self::HeadGasketChanged => $sheet->slab(SlabKind::HeadGasket) !== null,
            self::CamOut => $sheet->valveTrain->valves !== [],
            self::ShimChanged => in_array($sheet->valveTrain->adjustment, $shims, true),
            default => true,
        }));
    }

    /**
     * The one table of what an act makes stale: the quantities to be read again where it was done. An ignition point
     * measured from top dead centre does not move with a gasket.
     * Source: shop practice; a reading is true only of the part as it was.
     *
     * @return list<string>
     */
    public function staleQuantities(): array
    {
        return match ($this) {
            self::RingFiled => ['ring_gap'],
            self::BoreHoned, self::BoreBored, self::BorePlated => ['bore', 'ring_gap', 'barrel_flatness'],
            self::PistonChanged => ['piston', 'ring_gap', 'ring_side_clearance', 'pin_in_piston'],
            self::RingChanged => ['ring_gap', 'ring_side_clearance'],
            self::CamOut, self::ShimChanged => ['valve_lash'],
            self::BaseGasketChanged, self::HeadGasketChanged, self::HeadSlackened, self::RotorOff => [],
            self::OtherCases => ['crank_runout', 'main_oil_clearance', 'big_end_oil_clearance', 'crank_end_float', 'rod_side_clearance', 'rod_play'],
        };
    }

    /**
     * The other half of the table: the steps to be done again, by the beginning of their ids.
     *
     * @return list<string>
     */
    public function voidSteps(bool $chainDriven): array
    {
        $timing = $chainDriven ? ['chain-on', 'timed'] : [];

        return match ($this) {
            self::RingFiled, self::RotorOff => $this === self::RotorOff ? ['ignition'] : [],
            self::BoreHoned, self::BoreBored, self::BorePlated => ['wash', 'gaps-filed'],
            self::PistonChanged => ['piston-ready', 'gaps-filed', 'deck', 'decide.pairs'],
            self::RingChanged => ['gaps-filed'],
            self::BaseGasketChanged => ['deck', 'squish', 'exhaust-valve-in', ...$timing],
            self::HeadGasketChanged => ['squish', ...$timing],
            self::HeadSlackened => ['torque.head'],
            self::CamOut => ['cam-in', 'chain-on', 'tensioner-in', 'timed', 'lash'],
            self::ShimChanged => ['lash'],
            self::OtherCases => ['deck', 'squish', 'chain-on', 'timed', 'ignition'],
        };
    }

    /** Whether a mark no longer says anything: the part that carries it is another, or of another size. */
    public function isMarkGone(?MarkPlace $place, string $cylinder): bool
    {
        return match ($this) {
            self::PistonChanged => $place?->kind === MarkKind::Piston && $place->part === $cylinder,
            self::BoreHoned, self::BoreBored, self::BorePlated => $place?->kind === MarkKind::Bore && $place->part === $cylinder,
            self::OtherCases => $place?->kind->counts() === true,
            default => false,
        };
    }

    /** Whether it is done to one cylinder, and so only that cylinder's readings and steps go stale. */
    public function isOfCylinder(): bool
    {
        return in_array($this, [self::RingFiled, self::BoreHoned, self::BoreBored, self::BorePlated, self::PistonChanged, self::RingChanged], true);
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

    /**
     * Whether a reading at this spot has gone stale by the act at a cylinder.
     *
     * @param  string  $part  the ring or valve it was done to; empty for all
     */
    public function makesStale(Spot $spot, string $cylinder, string $part): bool
    {
        if (! in_array($spot->measurable->key, $this->staleQuantities(), true)) {
            return false;
        }
        if ($spot->measurable->key === 'barrel_flatness') {
            return $this === self::BorePlated;
        }

        if (! $this->isOfCylinder()) {
            return ($cylinder === '' || $spot->cylinder?->id === $cylinder) && ($part === '' || ! $this->isOfValve() || $spot->part === $part);
        }

        return $spot->cylinder?->id === $cylinder && ($part === '' || ! $this->isOfRing() || $spot->part === $part);
    }

    /**
     * Whether a step is to be done again: one that the table names, where the act was done.
     *
     * @param  list<string>  $beginnings  of the ids of the steps that the table names
     */
    public function undoes(Step $step, array $beginnings, string $cylinder, string $part): bool
    {
        $named = array_filter($beginnings, static fn (string $beginning): bool => $step->id === $beginning || str_starts_with($step->id, $beginning.'.'));
        if ($named === []) {
            return false;
        }
        if ($this->isOfValve()) {
            return ($part === '' || in_array($part, $step->places, true)) && ($cylinder === '' || in_array($cylinder, $step->places, true));
        }

        return ! $this->isOfCylinder() || $step->cylinder === null || $step->cylinder === $cylinder;
    }
}
