<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Chamber\PiecesLaid;
use Moltrek\Core\Log\Chamber\ThicknessDecided;
use Moltrek\Core\Log\Closing\CompressionWet;
use Moltrek\Core\Log\Closing\FluidFilled;
use Moltrek\Core\Log\Closing\HandedOver;
use Moltrek\Core\Log\Closing\HeatCycle;
use Moltrek\Core\Log\Closing\LeakDownRead;
use Moltrek\Core\Log\Closing\LeakFound;
use Moltrek\Core\Log\Closing\LeakGaugeRead;
use Moltrek\Core\Log\Closing\OpenEnd;
use Moltrek\Core\Log\Closing\RecheckDone;
use Moltrek\Core\Log\Closing\RunInPlanned;
use Moltrek\Core\Log\Closing\StartSeen;
use Moltrek\Core\Log\Closing\TrialDecided;
use Moltrek\Core\Log\Closing\TrialMade;
use Moltrek\Core\Log\Fitting\BoreDecided;
use Moltrek\Core\Log\Fitting\GapsPlaced;
use Moltrek\Core\Log\Fitting\MarkRead;
use Moltrek\Core\Log\Fitting\PistonsPaired;
use Moltrek\Core\Log\Fitting\SourceChosen;
use Moltrek\Core\Log\Fitting\VerdictAccepted;
use Moltrek\Core\Log\Measuring\ReadingTaken;
use Moltrek\Core\Log\Parts\PartArrived;
use Moltrek\Core\Log\Parts\PartBack;
use Moltrek\Core\Log\Parts\PartOrdered;
use Moltrek\Core\Log\Parts\PartReused;
use Moltrek\Core\Log\Parts\PartTaken;
use Moltrek\Core\Log\Parts\PartWrong;
use Moltrek\Core\Log\Parts\WorkBack;
use Moltrek\Core\Log\Parts\WorkSent;
use Moltrek\Core\Log\Planning\ActDone;
use Moltrek\Core\Log\Planning\DebtOwed;
use Moltrek\Core\Log\Planning\DebtPaid;
use Moltrek\Core\Log\Planning\ErrandsChanged;
use Moltrek\Core\Log\Planning\HoldAnswered;
use Moltrek\Core\Log\Planning\HoldWaived;
use Moltrek\Core\Log\Planning\LedgerIn;
use Moltrek\Core\Log\Planning\LedgerOut;
use Moltrek\Core\Log\Planning\SchoolChosen;
use Moltrek\Core\Log\Planning\SecondWaived;
use Moltrek\Core\Log\Planning\SlabLifted;
use Moltrek\Core\Log\Planning\SlabProvisional;
use Moltrek\Core\Log\Planning\StepAdded;
use Moltrek\Core\Log\Planning\StepDone;
use Moltrek\Core\Log\Planning\StepSetAside;
use Moltrek\Core\Log\Planning\WaitSeen;
use Moltrek\Core\Log\Planning\WaitStarted;
use Moltrek\Core\Log\Timing\CamEventsRead;
use Moltrek\Core\Log\Timing\CamMarksRead;
use Moltrek\Core\Log\Timing\CamMoved;
use Moltrek\Core\Log\Timing\IgnitionMoved;
use Moltrek\Core\Log\Timing\IgnitionPointRead;
use Moltrek\Core\Log\Timing\MarkPunched;
use Moltrek\Core\Log\Timing\PairRead;
use Moltrek\Core\Log\Timing\WheelSet;
use Moltrek\Core\Log\Torquing\BoltPulled;
use Moltrek\Core\Log\Torquing\BoltReplaced;
use Moltrek\Core\Log\Torquing\BoltSkipped;
use Moltrek\Core\Log\Torquing\OverAccepted;
use Moltrek\Core\Log\Torquing\RunAbandoned;
use Moltrek\Core\Log\Torquing\RunStarted;
use Moltrek\Core\Log\Torquing\StageRestarted;
use Moltrek\Core\Log\ValveGear\DecompressorSet;
use Moltrek\Core\Log\ValveGear\LeftLoose;
use Moltrek\Core\Log\ValveGear\OrderSeen;
use Moltrek\Core\Log\ValveGear\RodRead;
use Moltrek\Core\Log\ValveGear\RodsLetOut;
use Moltrek\Core\Log\ValveGear\RodsSpin;
use Moltrek\Core\Log\ValveGear\ShimFitted;
use Moltrek\Core\Log\ValveGear\ShimRead;
use Moltrek\Core\Log\ValveGear\ShimsDecided;
use Moltrek\Core\Log\ValveGear\ShimsShelved;
use Moltrek\Core\Log\ValveGear\StemGround;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;

/** Every kind of entry there is. */
final class Kinds
{
    private const ALL = [
        JobOpened::class, SheetAdopted::class, EntryStruck::class, NoteWritten::class,
        ReadingTaken::class,
        SourceChosen::class, BoreDecided::class, PistonsPaired::class, GapsPlaced::class, MarkRead::class,
        VerdictAccepted::class,
        StepDone::class, HoldAnswered::class, HoldWaived::class, SecondWaived::class,
        SlabLifted::class, SlabProvisional::class, ActDone::class,
        ErrandsChanged::class, StepSetAside::class, StepAdded::class,
        WaitStarted::class, WaitSeen::class, LedgerIn::class, LedgerOut::class, DebtOwed::class, DebtPaid::class, SchoolChosen::class,
        PartOrdered::class, PartArrived::class, PartWrong::class, PartTaken::class, PartReused::class, PartBack::class,
        WorkSent::class, WorkBack::class,
        RunStarted::class, BoltPulled::class, BoltSkipped::class, BoltReplaced::class, StageRestarted::class, OverAccepted::class,
        RunAbandoned::class,
        PiecesLaid::class, ThicknessDecided::class,
        PairRead::class, WheelSet::class, IgnitionPointRead::class, IgnitionMoved::class, MarkPunched::class,
        CamMarksRead::class, CamEventsRead::class, CamMoved::class,
        ShimRead::class, ShimsDecided::class, ShimFitted::class, ShimsShelved::class, StemGround::class, LeftLoose::class,
        DecompressorSet::class, RodRead::class, RodsLetOut::class, RodsSpin::class, OrderSeen::class,
        FluidFilled::class, LeakGaugeRead::class, LeakFound::class, LeakDownRead::class, CompressionWet::class, StartSeen::class,
        HeatCycle::class, RunInPlanned::class, RecheckDone::class, TrialMade::class, TrialDecided::class,
        OpenEnd::class, HandedOver::class,
    ];

    /** @return array<string, class-string<Kind>> by name */
    public static function all(): array
    {
        /** @var array<string, class-string<Kind>>|null $byName */
        static $byName = null;
        if ($byName === null) {
            $byName = [];
            foreach (self::ALL as $class) {
                $byName[$class::name()] = $class;
            }
        }

        return $byName;
    }

    /** @return class-string<Kind>|null */
    public static function named(string $name): ?string
    {
        return self::all()[$name] ?? null;
    }

    /**
     * The kind that a document names.
     *
     * @return class-string<Kind>
     *
     * @throws Refusal
     */
    public static function in(Fields $fields, string $key): string
    {
        $name = $fields->text($key, 40);

        return self::named($name)
            ?? throw $fields->placed(MalformedDocument::wrongSort($name, 'one of '.implode(', ', array_keys(self::all()))), $key);
    }

    /**
     * What a payload says, as one of this kind.
     *
     * @param  class-string<Kind>  $kind
     *
     * @throws Refusal
     */
    public static function read(string $kind, mixed $payload): Kind
    {
        return $kind::read(Fields::of($payload, ...$kind::payload()->names()));
    }
}
