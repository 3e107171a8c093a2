<?php

namespace Moltrek\Core\Sheet;

/** What sort of act a step is. */
enum StepKind: string
{
    case Test = 'test';
    case TakeOff = 'take off';
    case Clean = 'clean';
    case Inspect = 'inspect';
    case Measure = 'measure';
    case Decide = 'decide';
    case Order = 'order';
    case Prepare = 'prepare';
    case Fit = 'fit';
    case Hold = 'hold';
    case Torque = 'torque';
    case Time = 'time';
    case Valves = 'valves';
    case Fill = 'fill';
    case Start = 'start';
    case RunIn = 'run in';

    /** @return list<self> that somebody may add by hand; the others follow from the sheet, or from what is read */
    public static function byHand(): array
    {
        return [self::Fit, self::Prepare, self::Inspect, self::Torque, self::Hold, self::Clean, self::TakeOff, self::Test];
    }

    /** Whether something is done to a part: what is read afterwards is no repeat of what was read before. */
    public function isWork(): bool
    {
        return ! in_array($this, [self::Test, self::Inspect, self::Measure, self::Decide, self::Hold], true);
    }

    /** Steps of putting together; only these are undone when a slab is lifted. */
    public function isAssembly(): bool
    {
        return in_array($this, [self::Fit, self::Hold, self::Torque, self::Time, self::Valves, self::Fill, self::Start, self::RunIn], true);
    }
}
