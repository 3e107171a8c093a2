<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\SlabKind;

/** What is read of the room above a piston, of the gaskets that make it, and of the ports; and what follows from it. */
final class ChamberQuantities
{
    private const GROUP = 'chamber';

    /** What another thickness below the barrel makes untrue, as another piston and other cases do. */
    private const BELOW = [Act::PistonChanged, Act::BaseGasketChanged, Act::OtherCases];

    /** @return list<Measurable> */
    public static function all(): array
    {
        return [...self::overTheCrown(), ...self::volumes(), ...self::gaskets(), ...self::ports(), ...self::derived()];
    }

    /** @return list<Measurable> */
    private static function overTheCrown(): array
    {
        $laid = new Laid(self::GROUP, SlabKind::Barrel, Place::Cylinder);

        return [
            new Measurable('deck', 'deck height',
                'Proud by more than the gasket, the piston meets the head.',
                $laid,
                new Taken(EntryForm::OverCrown,
                    'piston at top dead centre, bridge across the bare face: front, rear and both ends of the pin; below the face is plus, '
                    .'proud is minus',
                    [ToolKind::DialIndicator, ToolKind::FeelerLeaves, ToolKind::Caliper, ToolKind::Micrometer], Sketch::BridgeOverCrown),
                Wordings::deck(), self::BELOW, staleWhenLifted: true),
            new Measurable('squish', 'squish clearance',
                'The piston rocks: the thinnest point decides, the mean tunes.',
                $laid,
                new Taken(EntryForm::UnderHead,
                    'wire or clay at the edge, both sides of the pin; plugs out, head down evenly, turned by hand only, {over the top}; '
                    .'each flat read at its thinnest',
                    [ToolKind::Micrometer, ToolKind::Caliper], Sketch::WireAtEdge),
                Wordings::squish(), [...self::BELOW, Act::HeadGasketChanged], staleWhenLifted: true),
        ];
    }

    /** @return list<Measurable> */
    private static function volumes(): array
    {
        return [
            new Measurable('chamber_volume', 'chamber volume',
                'The ratio hangs on it more than on anything else.',
                new Laid(self::GROUP, SlabKind::Head, Place::Cylinder),
                new Taken(EntryForm::Burette,
                    'head level, plug and valves in, plate greased on its face; filled through the hole until no bubble is left, '
                    .'and once more',
                    [ToolKind::Burette], Sketch::BuretteOnPlate),
                Wordings::of('the chamber', 'too small', 'too large', 'Look for a head that has been faced.',
                    'Look for a head or insert of another make.')),
            new Measurable('dome_volume', 'dome of the crown',
                'A dome takes room, a dish gives some.',
                new Laid(self::GROUP, SlabKind::Barrel, Place::Cylinder),
                new Taken(EntryForm::DomeInBore,
                    'crown’s edge a known way below the face, sealed with grease, filled under a plate until no bubble is left',
                    [ToolKind::Burette], Sketch::BuretteInBore),
                Wordings::of('the dome', 'too small', 'too large', 'Read it again.', 'Read it again.'),
                [Act::PistonChanged]),
        ];
    }

    /** @return list<Measurable> */
    private static function gaskets(): array
    {
        return [
            new Measurable('gasket_thickness', 'thickness',
                'What is printed on the bag is not always in it.',
                new Laid(self::GROUP, SlabKind::Barrel, Place::GasketState),
                new Taken(EntryForm::Direct, 'micrometer at three places beside the bore; a crushed one where it was clamped hardest',
                    [ToolKind::Micrometer, ToolKind::Caliper], Sketch::AcrossGasket),
                Wordings::of('the gasket', 'too thin', 'too thick', 'Another of the maker’s sizes.', 'Another of the maker’s sizes.')),
            new Measurable('gasket_opening', 'opening',
                'One that reaches into the bore burns, and meets the piston.',
                new Laid(self::GROUP, SlabKind::Barrel, Place::Gasket),
                new Taken(EntryForm::Direct, 'across the opening, two ways, the smaller counts', [ToolKind::Caliper], Sketch::AcrossGasket),
                Wordings::of('the opening', 'too small', 'too large',
                    'Another gasket: this one reaches into the bore.', 'Another gasket.')),
        ];
    }

    /** @return list<Measurable> */
    private static function ports(): array
    {
        $isTwoStroke = static fn (EngineSheet $sheet): bool => $sheet->layout->cycle === Cycle::TwoStroke;
        $hasExhaustValve = static fn (EngineSheet $sheet): bool => $sheet->exhaustValve !== null;

        return [
            new Measurable('port_height', 'port height',
                'A port that opens elsewhere makes another engine of it.',
                new Laid(self::GROUP, SlabKind::Barrel, Place::Port, $isTwoStroke),
                new Taken(EntryForm::Direct, 'from the top face down to the port’s upper edge, in its middle', [ToolKind::Caliper],
                    Sketch::DepthToPort),
                Wordings::of('the edge', 'too high', 'too low', 'Look for a port that was filed.', 'Read it again.'),
                [Act::BorePlated]),
            new Measurable('exhaust_valve_edge', 'exhaust-valve edge',
                'Down, it must clear the piston and the rings.',
                new Laid(self::GROUP, SlabKind::Barrel, Place::Cylinder, $hasExhaustValve),
                new Taken(EntryForm::Direct, 'valve fully down, from the top face down to its edge', [ToolKind::Caliper],
                    Sketch::DepthToPort),
                Wordings::of('the edge', 'too high', 'too low', 'Look for carbon behind it.', 'Look for a worn stop.'),
                [Act::BaseGasketChanged]),
        ];
    }

    /** @return list<Measurable> */
    private static function derived(): array
    {
        $laid = new Laid(self::GROUP, SlabKind::Barrel, Place::Cylinder);
        $thinner = 'Less thickness above or below the barrel.';
        $thicker = 'More thickness above or below the barrel.';

        return [
            new Measurable('compression_ratio', 'full ratio', 'Fuel and cranking hang on it.', $laid,
                Taken::derived('chamber, gasket, deck and dome'), Wordings::of('the ratio', 'too low', 'too high', $thinner, $thicker)),
            new Measurable('trapped_ratio', 'trapped ratio', 'It counts from where the exhaust port is shut.', $laid,
                Taken::derived('the same, from the exhaust port up'),
                Wordings::of('the trapped ratio', 'too low', 'too high', $thinner, $thicker)),
            new Measurable('squish_velocity', 'squish velocity', 'Too slow does not stir, too fast knocks.', $laid,
                Taken::derived('squish, bowl and speed'), Wordings::of('the squish velocity', 'too low', 'too high', $thinner, $thicker)),
            new Measurable('port_opens', 'port opens', 'What is added below the barrel opens it earlier and for longer.', $laid,
                Taken::derived('its height less the deck'),
                Wordings::of('the opening', 'too early', 'too late',
                    'Less thickness below the barrel.', 'More thickness below the barrel.')),
        ];
    }
}
