<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Sheet\Cooling;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Lubrication;
use Moltrek\Core\Sheet\OwnStep;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\StepKind;

/**
 * Work beside the top end that often belongs to the same job, as typed steps to be put into its order: off before anything
 * comes apart, a hold with a check by hand where something is closed, on before the first start. Source: shop practice; the
 * maker's manual has the torques.
 */
enum NeighbouringWork: string
{
    case Intake = 'intake';
    case Exhaust = 'exhaust system';
    case Fuel = 'fuel tank';
    case Battery = 'battery';
    case OilDrained = 'oil drained';
    case CoolantDrained = 'coolant drained';
    case GearOil = 'gear oil';
    case SideCover = 'side cover';
    case StarterGears = 'rotor and starter gears';
    case Clutch = 'clutch';
    case OilPump = 'oil pump';
    case Reed = 'reed valve';
    case CaseJoint = 'case joint and gearbox';

    /** @return list<self> what an engine may have */
    public static function on(EngineSheet $sheet): array
    {
        return array_values(array_filter(self::cases(), static fn (self $work): bool => match ($work) {
            self::CoolantDrained => $sheet->layout->cooling === Cooling::Liquid,
            self::Reed, self::GearOil => $sheet->layout->cycle === Cycle::TwoStroke,
            self::OilDrained => $sheet->lubricating->by !== Lubrication::Fuel,
            self::OilPump => $sheet->lubricating->by === Lubrication::Pressure,
            default => true,
        }));
    }

    /**
     * Its steps in the order of the hands, placed in a plan.
     *
     * @param  array<string, Step>  $plan
     * @return list<OwnStep>
     */
    public function steps(EngineSheet $sheet, array $plan): array
    {
        $case = ($sheet->stack->slab(SlabKind::Case) ?? $sheet->stack->slabs[0])->id;
        $word = str_replace(' ', '-', $this->value);
        [$first, $closed, $last] = self::anchors($plan);
        [$off, $asks, $on] = $this->acts();
        $steps = [];
        $write = static function (string $verb, StepKind $kind, array $words, array $needs, array $before) use (
            &$steps, $case, $word,
        ): string {
            $id = "own-$verb-$word";
            $steps[] = OwnStep::read(Fields::of((object) ([
                'id' => $id, 'slab' => $case, 'kind' => $kind->value, 'needs' => $needs, 'before' => $before,
            ] + $words), ...OwnStep::payload()->names()));

            return $id;
        };
        $isOff = $write('off', StepKind::TakeOff, $off, [], $first);
        $drain = array_values(array_intersect([match ($this) {
            self::OilDrained => 'fill.oil', self::CoolantDrained => 'fill.coolant', self::GearOil => 'fill.gear-oil', default => '',
        }], array_keys($plan)));
        [$closed, $last] = $drain === [] ? [$closed, $last] : [[], $drain];
        $needs = array_values(array_unique([$isOff, ...$closed]));
        if ($asks !== null) {
            $needs = [$write('hold', StepKind::Hold, $asks, $needs, [])];
        }
        // a joint of its own is pulled bolt by bolt
        $write('on', $this === self::CaseJoint ? StepKind::Torque : StepKind::Fit, $on, $needs, $last);

        return $steps;
    }

    /**
     * What comes apart first, what is put together last, and the look before the start.
     *
     * @param  array<string, Step>  $plan
     * @return array{list<string>, list<string>, list<string>}
     */
    private static function anchors(array $plan): array
    {
        $down = array_filter($plan, static fn (Step $step): bool => $step->kind === StepKind::TakeOff);
        $first = array_filter($down, static fn (Step $step): bool => array_intersect_key($down, array_flip($step->order->needs)) === []);
        $last = array_values(array_intersect(['test.leak', 'test.leak-down', 'hold.start'], array_keys($plan)));
        // what goes in after the test, as a plug does after a leak-down, closes nothing
        $up = array_filter($plan, static fn (Step $step): bool => in_array($step->kind, [StepKind::Fit, StepKind::Torque], true)
            && array_intersect($step->order->needs, $last) === []);
        $needed = array_merge(...array_map(static fn (Step $step): array => $step->order->needs, array_values($up)), ...[[]]);
        $closed = array_diff(array_keys($up), $needed);

        return [array_keys($first), array_map(strval(...), array_values($closed)), $last];
    }

    /**
     * How it comes off, what is asked before it closes over something, how it goes on.
     *
     * @return array{array<string, mixed>, array<string, mixed>|null, array<string, mixed>}
     */
    private function acts(): array
    {
        $act = static fn (string $name, string $why, int $minutes, ?string $caution = null, array $tools = []): array => array_filter(
            ['name' => $name, 'why' => $why, 'minutes' => $minutes, 'caution' => $caution, 'tools' => $tools],
            static fn (mixed $word): bool => $word !== null && $word !== []);
        $hold = static fn (string $name, string $question): array => ['name' => $name, 'question' => $question,
            'why' => 'It cannot be seen once it is closed.', 'minutes' => 2];

        return match ($this) {
            self::Intake => [
                $act('Air box and carburettor or throttle body off, ports plugged', 'A nut down a port is found by the piston.', 15,
                    'Fuel vapour: tap shut, no sparks.', ['plugs for the ports']),
                $hold('Before the intake goes on', 'Plugs out of the ports, joint faces clean and whole, no rag left in'),
                $act(
                    'Intake on, clips square, throttle snaps shut at both ends of the bars',
                    'Air drawn in past a joint runs it lean.',
                    15,
                ),
            ],
            self::Exhaust => [
                $act('Exhaust off, its studs oiled beforehand, port plugged', 'A stud that breaks costs the morning.', 20, 'Hot parts.'),
                $hold('Before the exhaust goes on', 'New gasket seated, plug out of the port, studs run down by hand'),
                $act(
                    'Exhaust on: flanges drawn up evenly first, brackets last',
                    'Pulled to its bracket first, a flange weeps or cracks.',
                    15,
                ),
            ],
            self::Fuel => [
                $act('Fuel tap shut, lines off and plugged, tank off and stood away from the bench', 'It is in the way, and it burns.', 10,
                    'Fuel vapour: no sparks or flames, ventilation.'),
                null,
                $act('Tank on, lines on and clipped, tap opened: no drip after five minutes', 'A drip on a hot head is a fire.', 10,
                    'Fuel vapour: no sparks or flames, ventilation.'),
            ],
            self::Battery => [
                $act('Battery off, negative first', 'A spanner to the frame welds.', 5, 'Eye protection: acid and sparks.'),
                null,
                $act('Battery on, positive first, terminals tight and greased', 'A loose terminal looks like an ignition fault.', 5,
                    'Eye protection: acid and sparks.'),
            ],
            self::OilDrained => [
                $act(
                    'Oil drained warm into a clean tray; magnet, strainer and oil looked at for metal',
                    'What is in the oil came from somewhere.',
                    15,
                    'Hot oil.',
                    ['clean tray'],
                ),
                null,
                $act(
                    'Drain plug in with a new washer, drawn to its torque, dry after wiping',
                    'The cheapest seal loses the engine.',
                    3,
                    null,
                    ['torque wrench'],
                ),
            ],
            self::CoolantDrained => [
                $act('Coolant drained cold, below the head, into a clean vessel', 'It runs into the bores when the head is lifted.', 10,
                    'Never open it hot: it is under pressure.'),
                null,
                $act(
                    'Hoses on behind their beads, clips square, drain plug in with a new washer',
                    'A hose that slips boils the engine.',
                    8,
                ),
            ],
            self::GearOil => [
                $act('Gear oil drained, plug looked at for metal', 'Metal on the magnet is a gear or a bearing.', 8),
                null,
                $act('Gear oil in, level read at its plug, machine upright', 'The gearbox has its own oil.', 5),
            ],
            self::SideCover => [
                $act(
                    'Side cover off, screws into a tray by length, dowels and shims kept in sight',
                    'A shim stuck to a cover is lost by noon.',
                    10,
                ),
                $hold(
                    'Before the side cover goes on',
                    'Dowels, shims and springs in their places; what turns behind it turns free by hand',
                ),
                $act(
                    'Side cover on its dowels with a new seal, screws by length, drawn up crosswise',
                    'A cover that does not go home by hand has a shaft out of its bore.',
                    12,
                ),
            ],
            self::StarterGears => [
                $act(
                    'Rotor held by its holder, nut off, rotor drawn by its puller; starter gears out, their faces marked',
                    'Hammered, a rotor loses its magnets.',
                    20,
                    'Keep hands and steel clear of the magnets.',
                    ['rotor holder', 'rotor puller'],
                ),
                $hold(
                    'Before the rotor goes on',
                    'Starter gears turn free one way and lock the other; tapers dry, key in, magnets free of metal',
                ),
                $act(
                    'Starter gears and rotor on, nut to its torque with the rotor held, one turn by hand',
                    'The taper carries, and only drawn up.',
                    15,
                    null,
                    ['rotor holder', 'torque wrench'],
                ),
            ],
            self::Clutch => [
                $act(
                    'Clutch springs eased crosswise, plates out in order, hub held and its nut off',
                    'Plates go back as they ran.',
                    25,
                    null,
                    ['clutch holder'],
                ),
                $hold(
                    'Before the clutch is closed',
                    'Thrust washer in, plates oiled and in order, basket turns free on its bearing, nut locked',
                ),
                $act(
                    'Clutch together, springs drawn up crosswise; lever pulled: the plate lifts evenly',
                    'A plate that lifts on one side drags.',
                    25,
                    null,
                    ['clutch holder', 'torque wrench'],
                ),
            ],
            self::OilPump => [
                $act('Oil pump off, rotors marked on the side that faces out', 'Turned round, worn rotors lose their pressure.', 15),
                $hold('Before the oil pump goes on', 'Rotors as marked, filled with oil, O-rings in their ways, turns free by hand'),
                $act(
                    'Oil pump on, screws to their torque, its gear turned by hand once more',
                    'One that binds when drawn up wears out in an hour.',
                    12,
                    null,
                    ['torque wrench'],
                ),
            ],
            self::Reed => [
                $act('Reed block out, port covered', 'A chip of a petal goes through the cases.', 10),
                $hold(
                    'Before the reed block goes in',
                    'Petals whole and flat against the light, stops tight, new gasket, nothing left in the port',
                ),
                $act('Reed block in, screws drawn up evenly', 'A block that warps leaves its petals open.', 8),
            ],
            self::CaseJoint => [
                $act('Case screws eased from the outside inwards, halves parted at their lugs', 'A blade in the joint leaks for ever.', 60),
                $hold(
                    'Before the cases are joined',
                    'Every gear selected by hand, shafts turn free, dowels and O-rings in, oil ways clear, thrust washers home',
                ),
                $act(
                    'Cases joined while the sealant is wet, drawn up from the middle outwards, shafts turned at every round',
                    'What binds now will not run free later.',
                    45,
                    null,
                    ['torque wrench'],
                ),
            ],
        };
    }
}
