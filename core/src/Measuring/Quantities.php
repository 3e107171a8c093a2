<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Fitting\Clearance;
use Moltrek\Core\Fitting\RingGap;
use Moltrek\Core\Judgement\Wording;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\SourceKind;

/**
 * Everything that can be measured on a top end, in the order of the hands. A new quantity is one entry here and nothing
 * else: places, screens, verdicts, record and import follow from it.
 */
final class Quantities
{
    private const CALIPER = 'A caliper’s jaws do not reach the gauge point of a wide skirt, and it reads too coarsely.';

    private const COARSE = 'A caliper reads too coarsely for this.';

    /** @return list<Measurable> */
    public static function all(): array
    {
        return [...self::asFound(), ...self::barrel(), ...self::pinAndRod(), ...self::crank(), ...self::checks(), ...self::head(), ...self::cam()];
    }

    /** @return list<Measurable> */
    private static function asFound(): array
    {
        return [
            new Measurable('cranking_compression', 'cranking compression', 'gauge in the plug hole, throttle open, until it rises no more',
                'What came in is the before of what goes out.', 'as found', SlabKind::Head, Place::Cylinder, EntryForm::Direct,
                self::wording('the compression', 'too low', 'too high', 'Look for the leak: rings, valves or head joint.', 'Look for carbon or a gasket that is too thin.'),
                Dimension::Pressure, instruments: ['pressure gauge'], sketch: Sketch::GaugeInPlugHole),
            new Measurable('leak_down', 'leak-down, pressure lost', 'at top dead centre of compression, crank held, from the supply that the sheet states',
                'Where it hisses tells what leaks.', 'as found', SlabKind::Head, Place::Cylinder, EntryForm::Direct,
                self::wording('the leak', 'too small', 'too large', 'Read the supply again.', 'Listen at inlet, exhaust, breather and coolant; open what hisses.'),
                Dimension::Pressure, instruments: ['pressure gauge'], sketch: Sketch::AirIntoCylinder),
        ];
    }

    /** @return list<Measurable> */
    private static function barrel(): array
    {
        return [
            new Measurable('piston', 'piston at gauge point', '{gauge point} up from the skirt edge, across the pin',
                'Every clearance of this cylinder is counted from it.', 'piston', SlabKind::Barrel, Place::Cylinder, EntryForm::Direct,
                self::wording('the piston', 'too small', 'too large', 'Fit another piston.', 'Check the mark on its crown.'),
                judged: false, instruments: ['micrometer'], unsuited: ['caliper' => self::CALIPER], basic: true, sketch: Sketch::SkirtAcrossPin),
            new Measurable('bore', 'bore', '',
                'The smallest bore sets the tight side of the clearance, the largest the loose one.', 'bore', SlabKind::Barrel, Place::Bore, EntryForm::Diameter,
                BoreShape::sizeWording(), judged: false, instruments: ['bore gauge'], unsuited: ['caliper' => self::COARSE], basic: true, sketch: Sketch::BoreAcross),
            new Measurable('piston_clearance', 'clearance', 'bore less piston', 'It decides between seizing and slapping.', 'bore', SlabKind::Barrel, Place::Cylinder, null,
                Clearance::pistonWording(), ruledBy: [SourceKind::PistonMaker]),
            new Measurable('bore_size', 'bore size', 'from the map', 'A bore past its size has no piston.', 'bore', SlabKind::Barrel, Place::Cylinder, null, BoreShape::sizeWording()),
            new Measurable('out_of_round', 'out of round', 'the two axes at one depth', 'Rings cannot follow an oval.', 'bore', SlabKind::Barrel, Place::Cylinder, null, BoreShape::shapeWording('out-of-round')),
            new Measurable('taper', 'taper', 'one axis from top to bottom', 'Gaps open and close with it.', 'bore', SlabKind::Barrel, Place::Cylinder, null, BoreShape::shapeWording('the taper')),
            new Measurable('ring_gap', 'end gap', 'squared in the bore with the piston{down}',
                'Two leaves decide it: the minimum must pass, the maximum must refuse.', 'rings', SlabKind::Barrel, Place::Ring, EntryForm::Leaves,
                RingGap::wording(), ruledBy: [SourceKind::RingMaker, SourceKind::PistonMaker], instruments: ['feeler leaves'], basic: true, sketch: Sketch::RingInBore),
            new Measurable('ring_side_clearance', 'side clearance', 'leaf between ring and groove, ring pushed home, three places round',
                'A ring that rocks in its groove breaks; one that sticks does not seal.', 'rings', SlabKind::Barrel, Place::SideRing, EntryForm::Leaves,
                self::wording('the side clearance', 'too tight', 'too wide', 'Clean the groove; a new ring that still binds is the wrong one.', 'Measure a new ring; if it is still wide, the piston is worn.'),
                ruledBy: [SourceKind::RingMaker, SourceKind::PistonMaker], instruments: ['feeler leaves'], sketch: Sketch::LeafInGroove),
        ];
    }

    /** @return list<Measurable> */
    private static function pinAndRod(): array
    {
        $plain = static fn (EngineSheet $sheet): bool => $sheet->crank?->plain === true;

        return [
            new Measurable('pin_in_rod', 'pin in small end', 'small-hole gauge in the eye, micrometer on the pin where it runs',
                'A loose pin knocks like a piston.', 'pin and rod', SlabKind::Barrel, Place::Cylinder, EntryForm::HoleAndShaft,
                Clearance::wording(), instruments: ['micrometer'], unsuited: ['caliper' => self::COARSE], sketch: Sketch::PinInEye),
            new Measurable('pin_in_piston', 'pin in piston', 'small-hole gauge in the boss, micrometer on the pin at its ends',
                'It must turn by hand, oiled.', 'pin and rod', SlabKind::Barrel, Place::Cylinder, EntryForm::HoleAndShaft,
                Clearance::wording(), ruledBy: [SourceKind::PistonMaker], instruments: ['micrometer'], unsuited: ['caliper' => self::COARSE], sketch: Sketch::PinInBoss),
            new Measurable('rod_side_clearance', 'rod side clearance', 'leaf between big end and crank web',
                'Too tight burns, too wide lets the rod wander.', 'pin and rod', SlabKind::Case, Place::Cylinder, EntryForm::Leaves,
                self::wording('the side clearance', 'too tight', 'too wide', 'Look for a thrust washer that is out of place.', 'Crank and rod go to the machine shop.'), instruments: ['feeler leaves'], sketch: Sketch::LeafAtWeb),
            new Measurable('rod_play', 'rod up-and-down play', 'crank held at the top, pull and push the rod along its length; it may tilt, it may not click',
                'A click is a big end at its end.', 'pin and rod', SlabKind::Case, Place::Cylinder, EntryForm::YesNo,
                self::wording('the rod', 'without play', 'with play', '', 'The crank comes out: nothing above it is fitted before.'), judged: false, good: 'no play', sketch: Sketch::RodPulled),
            new Measurable('big_end_oil_clearance', 'big-end oil clearance', 'crushed strip on the dry crankpin, cap torqued and not turned',
                'Oil pressure is made here.', 'crank', SlabKind::Case, Place::Cylinder, EntryForm::Strip,
                self::wording('the oil clearance', 'too tight', 'too wide', 'The next thinner shell.', 'The next thicker shell; if there is none, the crankpin is worn.'),
                instruments: ['crushed strip'], on: $plain, sketch: Sketch::StripOnPin),
        ];
    }

    /** @return list<Measurable> */
    private static function crank(): array
    {
        $plain = static fn (EngineSheet $sheet): bool => $sheet->crank?->plain === true;

        return [
            new Measurable('crank_runout', 'crank runout', 'crank in its bearings, dial on the journal, one turn',
                'A bent crank eats every bearing after it.', 'crank', SlabKind::Case, Place::CrankEnd, EntryForm::Direct,
                self::wording('the runout', 'too small', 'too large', 'Read it again.', 'True the crank, or exchange it.'), instruments: ['dial indicator'], sketch: Sketch::DialOnJournal),
            new Measurable('main_oil_clearance', 'oil clearance', 'crushed strip on the dry journal, cases torqued and not turned',
                'Oil pressure is made here.', 'crank', SlabKind::Case, Place::MainJournal, EntryForm::Strip,
                self::wording('the oil clearance', 'too tight', 'too wide', 'The next thinner shell.', 'The next thicker shell; if there is none, the journal is worn.'),
                instruments: ['crushed strip'], on: $plain, sketch: Sketch::StripOnPin),
            new Measurable('crank_end_float', 'crank end float', 'dial on the end, crank levered to and fro',
                'The thrust faces take the clutch.', 'crank', SlabKind::Case, Place::Engine, EntryForm::Direct,
                self::wording('the end float', 'too small', 'too large', 'A thinner thrust shim.', 'A thicker thrust shim.'), instruments: ['dial indicator'], sketch: Sketch::DialOnEnd),
        ];
    }

    /** @return list<Measurable> */
    private static function checks(): array
    {
        return [
            new Measurable('exhaust_valve_free', 'exhaust valve', 'through its whole travel by a finger, after each piece is fitted',
                'One that sticks costs half the power, or a piston.', 'checks', SlabKind::Barrel, Place::Cylinder, EntryForm::YesNo,
                self::wording('the exhaust valve', 'free', 'stiff', '', 'Out again: carbon, a burr, or left and right exchanged.'), judged: false, good: 'free',
                on: static fn (EngineSheet $sheet): bool => $sheet->exhaustValve, sketch: Sketch::ValveByFinger),
            new Measurable('jets_clear', 'oil jets', 'air from below, felt and seen to come through each',
                'A blocked jet is a seized piston.', 'checks', SlabKind::Case, Place::Engine, EntryForm::YesNo,
                self::wording('the jets', 'clear', 'blocked', '', 'Back-flush and blow again; a jet that stays shut comes out.'), judged: false, good: 'clear',
                on: static fn (EngineSheet $sheet): bool => $sheet->cycle === Cycle::FourStroke, sketch: Sketch::AirThroughJet),
            new Measurable('barrel_flatness', 'barrel flatness', 'straight-edge on the top face, thickest leaf that passes under it',
                'A gasket follows no hollow.', 'checks', SlabKind::Barrel, Place::FaceLine, EntryForm::Leaves,
                self::wording('the hollow', 'too small', 'too deep', 'Read it again.', 'Have the face trued, then read deck and squish again.'), instruments: ['feeler leaves'], sketch: Sketch::EdgeOnFace),
        ];
    }

    /** @return list<Measurable> */
    private static function head(): array
    {
        $valves = static fn (EngineSheet $sheet): bool => $sheet->valveTrain->valves !== [];

        return [
            new Measurable('head_flatness', 'head flatness', 'straight-edge on the joint face, thickest leaf that passes under it',
                'A gasket follows no hollow.', 'head', SlabKind::Head, Place::FaceLine, EntryForm::Leaves,
                self::wording('the hollow', 'too small', 'too deep', 'Read it again.', 'Have the face trued; the chamber gets smaller by what comes off.'), instruments: ['feeler leaves'], sketch: Sketch::EdgeOnFace),
            new Measurable('valve_guide', 'guide clearance', 'small-hole gauge in the guide, micrometer on the stem, worst place of three',
                'A worn guide wears the seat, and smokes.', 'valves', SlabKind::Head, Place::Valve, EntryForm::HoleAndShaft,
                Clearance::wording(), instruments: ['micrometer'], unsuited: ['caliper' => self::COARSE], on: $valves, sketch: Sketch::StemInGuide),
            new Measurable('seat_width', 'seat width', 'blued and turned, band measured at three places',
                'Narrow burns, wide does not seal.', 'valves', SlabKind::Head, Place::Valve, EntryForm::Direct,
                self::wording('the seat', 'too narrow', 'too wide', 'Cut with the seat angle.', 'Narrow it from above and below.'), instruments: ['caliper'], on: $valves, sketch: Sketch::BandOnSeat),
            new Measurable('spring_length', 'spring free length', 'upright on the plate, outer spring',
                'A short spring floats its valve.', 'valves', SlabKind::Head, Place::Valve, EntryForm::Direct,
                self::wording('the spring', 'too short', 'too long', 'Renew the springs as a set.', 'Check the part number.'), instruments: ['caliper'], on: $valves, sketch: Sketch::SpringUpright),
        ];
    }

    /** @return list<Measurable> */
    private static function cam(): array
    {
        $cam = static fn (EngineSheet $sheet): bool => $sheet->valveTrain->valves !== [];

        return [
            new Measurable('cam_lobe', 'lobe height', 'largest over nose and heel',
                'Lift lost is power lost.', 'cam', SlabKind::ValveGear, Place::Valve, EntryForm::Direct,
                self::wording('the lobe', 'too low', 'too high', 'Exchange the cam and what runs on it.', 'Check the part number.'),
                ruledBy: [SourceKind::CamMaker], instruments: ['micrometer'], unsuited: ['caliper' => self::COARSE], on: $cam, sketch: Sketch::OverTheLobe),
            new Measurable('cam_journal', 'clearance', 'bore gauge in the bearing, caps torqued; micrometer on the journal',
                'The head is its bearing; there is no shell to change.', 'cam', SlabKind::ValveGear, Place::CamJournal, EntryForm::HoleAndShaft,
                Clearance::wording(), instruments: ['micrometer'], unsuited: ['caliper' => self::COARSE], sketch: Sketch::JournalInCaps),
            new Measurable('valve_lash', 'clearance', 'leaf on the base circle, engine cold',
                'Tight burns the valve, wide hammers it.', 'cam', SlabKind::ValveGear, Place::Valve, EntryForm::Leaves,
                self::wording('the valve clearance', 'too tight', 'too wide', 'Set it: screw out, thinner shim, or grind the stem.', 'Set it: screw in or thicker shim.'),
                ruledBy: [SourceKind::CamMaker], instruments: ['feeler leaves'], on: $cam, sketch: Sketch::LeafOnBaseCircle),
        ];
    }

    private static function wording(string $what, string $low, string $high, string $mendLow, string $mendHigh, string $settle = 'Read it again with a finer tool.'): Wording
    {
        return new Wording($what, $low, $high, $mendLow, $mendHigh, $settle);
    }
}
