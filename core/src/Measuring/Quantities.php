<?php

namespace Moltrek\Core\Measuring;

use Closure;
use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\CamDrive;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\SlabKind;

/**
 * Everything that can be measured on a top end, in the order of the hands. A new quantity is one entry here, and where it is
 * judged one case of JudgedQuantity: places, screens, verdicts, record and import follow.
 */
final class Quantities
{
    private const TOO_COARSE = ['caliper' => 'A caliper reads too coarsely for this.'];

    private const SKIRT_TOO_WIDE = [
        'caliper' => 'A caliper’s jaws do not reach the gauge point of a wide skirt, and it reads too coarsely.',
    ];

    /** @return list<Measurable> */
    public static function all(): array
    {
        return [
            ...self::asFound(), ...self::barrel(), ...self::rings(), ...self::pinAndRod(), ...self::crank(),
            ...self::checks(), ...ChamberQuantities::all(), ...self::head(), ...self::cam(), ...self::wheels(),
        ];
    }

    /** @return list<Measurable> */
    private static function asFound(): array
    {
        $laid = new Laid('as found', SlabKind::Head, Place::Cylinder);

        return [
            new Measurable('cranking_compression', 'cranking compression',
                'What came in is the before of what goes out.',
                $laid,
                new Taken(
                    EntryForm::Direct,
                    'gauge in the plug hole, throttle open, until it rises no more',
                    [ToolKind::PressureGauge],
                    Sketch::GaugeInPlugHole,
                ),
                Wordings::of('the compression', 'too low', 'too high',
                    'Look for the leak.', 'Look for carbon or a gasket that is too thin.'),
                [Act::PistonMetValve]),
            new Measurable('leak_down', 'leak-down, pressure lost',
                'Where it hisses tells what leaks.',
                $laid,
                new Taken(EntryForm::Direct, 'at top dead centre of compression, crank held, from the supply that the sheet states',
                    [ToolKind::PressureGauge], Sketch::AirIntoCylinder),
                Wordings::of('the leak', 'too small', 'too large',
                    'Read the supply again.', 'Listen where it hisses, and open that.')),
        ];
    }

    /** @return list<Measurable> */
    private static function barrel(): array
    {
        $shape = static fn (Place $place = Place::Cylinder): Laid => new Laid('bore', SlabKind::Barrel, $place);

        return [
            new Measurable('piston', 'piston at gauge point',
                'Every clearance of this cylinder is counted from it.',
                new Laid('piston', SlabKind::Barrel, Place::Cylinder),
                new Taken(EntryForm::Direct, '{gauge point} up from the skirt edge, across the pin',
                    [ToolKind::Micrometer], Sketch::SkirtAcrossPin, self::SKIRT_TOO_WIDE, basic: true),
                Wordings::of('the piston', 'too small', 'too large', 'Fit another piston.', 'Check the mark on its crown.'),
                [Act::PistonChanged]),
            new Measurable('bore', 'bore',
                'The smallest bore sets the tight side of the clearance, the largest the loose one.',
                $shape(Place::Bore),
                new Taken(EntryForm::Diameter, '', [ToolKind::BoreGauge], Sketch::BoreAcross, self::TOO_COARSE, basic: true),
                Wordings::boreSize(),
                Act::BORE_WORKED),
            new Measurable('piston_clearance', 'clearance',
                'It decides between seizing and slapping.',
                $shape(), Taken::derived('bore less piston'), Wordings::pistonClearance()),
            new Measurable('bore_size', 'bore size',
                'A bore past its size has no piston.',
                $shape(), Taken::derived('from the map'), Wordings::boreSize()),
            new Measurable('out_of_round', 'out of round',
                'Rings cannot follow an oval.',
                $shape(), Taken::derived('the two axes at one depth'), Wordings::boreShape('out-of-round')),
            new Measurable('taper', 'taper',
                'Gaps open and close with it.',
                $shape(), Taken::derived('one axis from top to bottom'), Wordings::boreShape('the taper')),
        ];
    }

    /** @return list<Measurable> */
    private static function rings(): array
    {
        return [
            new Measurable('ring_gap', 'end gap',
                'Two leaves decide it: the minimum must pass, the maximum must refuse.',
                new Laid('rings', SlabKind::Barrel, Place::Ring),
                new Taken(
                    EntryForm::Leaves,
                    'squared in the bore with the piston{down}',
                    [ToolKind::FeelerLeaves],
                    Sketch::RingInBore,
                    basic: true,
                ),
                Wordings::ringGap(),
                [Act::RingFiled, ...Act::BORE_WORKED, Act::PistonChanged, Act::RingChanged]),
            new Measurable('ring_side_clearance', 'side clearance',
                'A ring that rocks in its groove breaks; one that sticks does not seal.',
                new Laid('rings', SlabKind::Barrel, Place::SideRing),
                new Taken(EntryForm::Leaves, 'leaf between ring and groove, ring pushed home, three places round',
                    [ToolKind::FeelerLeaves], Sketch::LeafInGroove),
                Wordings::of('the side clearance', 'too tight', 'too wide',
                    'Clean the groove; a new ring that still binds is the wrong one.',
                    'Measure a new ring; if it is still wide, the piston is worn.'),
                [Act::PistonChanged, Act::RingChanged]),
        ];
    }

    /** @return list<Measurable> */
    private static function pinAndRod(): array
    {
        $pin = new Laid('pin and rod', SlabKind::Barrel, Place::Cylinder);
        $rod = new Laid('pin and rod', SlabKind::Case, Place::Cylinder);

        return [
            new Measurable('pin_in_rod', 'pin in small end',
                'A loose pin knocks like a piston.',
                $pin,
                new Taken(EntryForm::HoleAndShaft, 'small-hole gauge in the eye, micrometer on the pin where it runs',
                    [ToolKind::Micrometer], Sketch::PinInEye, self::TOO_COARSE),
                Wordings::clearance()),
            new Measurable('pin_in_piston', 'pin in piston',
                'It must turn by hand, oiled.',
                $pin,
                new Taken(EntryForm::HoleAndShaft, 'small-hole gauge in the boss, micrometer on the pin at its ends',
                    [ToolKind::Micrometer], Sketch::PinInBoss, self::TOO_COARSE),
                Wordings::clearance(),
                [Act::PistonChanged]),
            new Measurable('rod_side_clearance', 'rod side clearance',
                'Too tight burns, too wide lets the rod wander.',
                $rod,
                new Taken(EntryForm::Leaves, 'leaf between big end and crank web', [ToolKind::FeelerLeaves], Sketch::LeafAtWeb),
                Wordings::of('the side clearance', 'too tight', 'too wide',
                    'Look for a thrust washer that is out of place.', 'Crank and rod go to the machine shop.'),
                [Act::OtherCases]),
            new Measurable('rod_play', 'rod up-and-down play',
                'A click is a big end at its end.',
                $rod,
                new Taken(EntryForm::YesNo, 'crank held at the top, pull and push the rod along its length; it may tilt, it may not click',
                    sketch: Sketch::RodPulled, good: 'no play'),
                Wordings::of('the rod', 'without play', 'with play', '', 'The crank comes out: nothing above it is fitted before.'),
                [Act::OtherCases]),
            new Measurable('big_end_oil_clearance', 'big-end oil clearance',
                'Oil pressure is made here.',
                new Laid('crank', SlabKind::Case, Place::Cylinder, self::plainBearings()),
                new Taken(
                    EntryForm::Strip,
                    'crushed strip on the dry crankpin, cap torqued and not turned',
                    [ToolKind::CrushedStrip],
                    Sketch::StripOnPin,
                ),
                Wordings::of('the oil clearance', 'too tight', 'too wide',
                    'The next thinner shell.', 'The next thicker shell; if there is none, the crankpin is worn.'),
                [Act::OtherCases]),
        ];
    }

    /** @return list<Measurable> */
    private static function crank(): array
    {
        return [
            new Measurable('crank_runout', 'crank runout',
                'A bent crank eats every bearing after it.',
                new Laid('crank', SlabKind::Case, Place::CrankEnd),
                new Taken(
                    EntryForm::Direct,
                    'crank in its bearings, dial on the journal, one turn',
                    [ToolKind::DialIndicator],
                    Sketch::DialOnJournal,
                ),
                Wordings::of('the runout', 'too small', 'too large', 'Read it again.', 'True the crank, or exchange it.'),
                [Act::OtherCases]),
            new Measurable('main_oil_clearance', 'oil clearance',
                'Oil pressure is made here.',
                new Laid('crank', SlabKind::Case, Place::MainJournal, self::plainBearings()),
                new Taken(
                    EntryForm::Strip,
                    'crushed strip on the dry journal, cases torqued and not turned',
                    [ToolKind::CrushedStrip],
                    Sketch::StripOnPin,
                ),
                Wordings::of('the oil clearance', 'too tight', 'too wide',
                    'The next thinner shell.', 'The next thicker shell; if there is none, the journal is worn.'),
                [Act::OtherCases]),
            new Measurable('crank_end_float', 'crank end float',
                'The thrust faces take the clutch.',
                new Laid('crank', SlabKind::Case, Place::Engine),
                new Taken(EntryForm::Direct, 'dial on the end, crank levered to and fro', [ToolKind::DialIndicator], Sketch::DialOnEnd),
                Wordings::of('the end float', 'too small', 'too large', 'A thinner thrust shim.', 'A thicker thrust shim.'),
                [Act::OtherCases]),
        ];
    }

    /** @return list<Measurable> */
    private static function checks(): array
    {
        $exhaustValve = static fn (EngineSheet $sheet): bool => $sheet->exhaustValve !== null;
        $fourStroke = static fn (EngineSheet $sheet): bool => $sheet->layout->cycle === Cycle::FourStroke;

        return [
            new Measurable('exhaust_valve_free', 'exhaust valve',
                'One that sticks costs half the power, or a piston.',
                new Laid('checks', SlabKind::Barrel, Place::Cylinder, $exhaustValve),
                new Taken(
                    EntryForm::YesNo,
                    'through its whole travel by a finger, after each piece is fitted',
                    sketch: Sketch::ValveByFinger,
                    good: 'free',
                ),
                Wordings::of('the exhaust valve', 'free', 'stiff', '', 'Out again: carbon, a burr, or left and right exchanged.')),
            new Measurable('jets_clear', 'oil jets',
                'A blocked jet is a seized piston.',
                new Laid('checks', SlabKind::Case, Place::Engine, $fourStroke),
                new Taken(
                    EntryForm::YesNo,
                    'air from below, felt and seen to come through each',
                    sketch: Sketch::AirThroughJet,
                    good: 'clear',
                ),
                Wordings::of('the jets', 'clear', 'blocked', '', 'Back-flush and blow again; a jet that stays shut comes out.')),
            new Measurable('barrel_flatness', 'barrel flatness',
                'A gasket follows no hollow.',
                new Laid('checks', SlabKind::Barrel, Place::FaceLine),
                self::straightEdge('top face'),
                Wordings::of(
                    'the hollow',
                    'too small',
                    'too deep',
                    'Read it again.',
                    'Have the face trued, then read deck and squish again.',
                ),
                [Act::BorePlated]),
        ];
    }

    /** @return list<Measurable> */
    private static function head(): array
    {
        $valve = new Laid('valves', SlabKind::Head, Place::Valve, self::valves());

        return [
            new Measurable('head_flatness', 'head flatness',
                'A gasket follows no hollow.',
                new Laid('head', SlabKind::Head, Place::FaceLine),
                self::straightEdge('joint face'),
                Wordings::of(
                    'the hollow',
                    'too small',
                    'too deep',
                    'Read it again.',
                    'Have the face trued; the chamber gets smaller by what comes off.',
                )),
            new Measurable('valve_guide', 'guide clearance',
                'A worn guide wears the seat, and smokes.',
                $valve,
                new Taken(EntryForm::HoleAndShaft, 'small-hole gauge in the guide, micrometer on the stem, worst place of three',
                    [ToolKind::Micrometer], Sketch::StemInGuide, self::TOO_COARSE),
                Wordings::clearance()),
            new Measurable('seat_width', 'seat width',
                'Narrow burns, wide does not seal.',
                $valve,
                new Taken(EntryForm::Direct, 'blued and turned, band measured at three places', [ToolKind::Caliper], Sketch::BandOnSeat),
                Wordings::of('the seat', 'too narrow', 'too wide', 'Cut with the seat angle.', 'Narrow it from above and below.')),
            new Measurable('spring_length', 'spring free length',
                'A short spring floats its valve.',
                $valve,
                new Taken(EntryForm::Direct, 'upright on the plate, outer spring', [ToolKind::Caliper], Sketch::SpringUpright),
                Wordings::of('the spring', 'too short', 'too long', 'Renew the springs as a set.', 'Check the part number.')),
        ];
    }

    /** @return list<Measurable> */
    private static function cam(): array
    {
        $valve = new Laid('cam', SlabKind::ValveGear, Place::Valve, self::valves());

        return [
            new Measurable('cam_lobe', 'lobe height',
                'Lift lost is power lost.',
                $valve,
                new Taken(EntryForm::Direct, 'largest over nose and heel', [ToolKind::Micrometer], Sketch::OverTheLobe, self::TOO_COARSE),
                Wordings::of('the lobe', 'too low', 'too high', 'Exchange the cam and what runs on it.', 'Check the part number.')),
            new Measurable('cam_journal', 'clearance',
                'The head is its bearing; there is no shell to change.',
                new Laid('cam', SlabKind::ValveGear, Place::CamJournal),
                new Taken(EntryForm::HoleAndShaft, 'bore gauge in the bearing as it is closed, at its torque; micrometer on the journal',
                    [ToolKind::Micrometer], Sketch::JournalInCaps, self::TOO_COARSE),
                Wordings::clearance()),
            new Measurable('valve_lash', 'clearance',
                'Tight burns the valve, wide hammers it.',
                $valve,
                new Taken(EntryForm::Leaves, 'leaf on the base circle, engine cold', [ToolKind::FeelerLeaves], Sketch::LeafOnBaseCircle),
                Wordings::of('the valve clearance', 'too tight', 'too wide', 'Set it wider.', 'Set it closer.'),
                [Act::CamOut, Act::ShimChanged, Act::PistonMetValve], staleWhenLifted: true),
        ];
    }

    /** @return list<Measurable> */
    private static function wheels(): array
    {
        $laid = static fn (CamDrive $drive): Laid => new Laid('wheels', SlabKind::ValveGear, Place::Engine,
            static fn (EngineSheet $sheet): bool => $sheet->valveTrain->drive === $drive);

        return [
            new Measurable('wheel_offset', 'chain wheel offset',
                'A chain that runs over a step eats its guide, then its teeth.',
                $laid(CamDrive::Chain),
                new Taken(EntryForm::Leaves, 'straight-edge along the face of the driving wheel, leaf between it and the driven one',
                    [ToolKind::FeelerLeaves], Sketch::EdgeOnFace),
                Wordings::of('the offset', 'too small', 'too large', 'Read it again.', 'Shim the wheel that stands back.'),
                [Act::CamOut, Act::OtherCases]),
            new Measurable('gear_backlash', 'gear backlash',
                'Too tight it whines and binds when hot, too wide it hammers.',
                $laid(CamDrive::Gears),
                new Taken(EntryForm::Direct, 'dial on a tooth, the other gear held, or the leaf that just goes between; the least of four',
                    [ToolKind::DialIndicator], Sketch::DialOnEnd),
                Wordings::of('the backlash', 'too small', 'too large', 'Move the gears apart by shims.', 'Move the gears closer by shims.'),
                [Act::CamOut, Act::OtherCases]),
        ];
    }

    private static function straightEdge(string $face): Taken
    {
        return new Taken(
            EntryForm::Leaves,
            "straight-edge on the $face, thickest leaf that passes under it",
            [ToolKind::FeelerLeaves],
            Sketch::EdgeOnFace,
        );
    }

    /** @return Closure(EngineSheet): bool */
    private static function plainBearings(): Closure
    {
        return static fn (EngineSheet $sheet): bool => $sheet->crank?->plain === true;
    }

    /** @return Closure(EngineSheet): bool */
    private static function valves(): Closure
    {
        return static fn (EngineSheet $sheet): bool => $sheet->valveTrain->valves !== [];
    }
}
