<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\CamDrive;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\ValveGear;

/** Deck and squish, head, cam timing, valve clearance. Source: shop practice; the maker's programmes stand at their steps. */
final class TopRules
{
    public static function write(PlanBuilder $plan): void
    {
        $sheet = $plan->sheet;
        $side = $sheet->valveTrain->gear === ValveGear::Side;
        if ($side) {
            self::sideValves($plan);
        }
        $plan->add('deck', SlabKind::Barrel, StepKind::Test, 'Deck height read at top dead centre', 'Proud by a gasket’s thickness meets the head.', 8, ['turned'], tools: ['bridge', 'feeler leaves']);
        $plan->add('squish', SlabKind::Head, StepKind::Test, $side ? 'Room over the valves proved with clay' : 'Squish proved on both sides of the pin', 'The thinnest point decides.', 15, ['deck', 'clean.head'], caution: 'Turned by hand only, plugs out.');
        $plan->add('head-gasket', SlabKind::HeadGasket, StepKind::Fit, 'New head joint laid on, right way up, ways seen open', 'Turned over it shuts a way.', 4, ['squish', 'turned'], settles: true, parts: ['Head gasket or O-rings']);
        $plan->add('hold.head', SlabKind::Head, StepKind::Hold, 'Before the head goes on', 'What is under it cannot be reached afterwards.', 3, ['head-gasket'], asks: self::asks($plan));
        $plan->add('head-on', SlabKind::Head, StepKind::Fit, 'Head on, fasteners run in by hand, standing proud alike', 'Bolts of different length that stand alike are in their places.', 12, ['head-gasket', 'head-built', 'measure.head'], hold: 'hold.head', settles: true, secondPerson: count($sheet->cylinders) > 2);
        $plan->add('torque.head', SlabKind::Head, StepKind::Torque, 'Head torqued in its stages, in its order, checked once round', 'One bolt eases its neighbours: the check pass finds it.', 15, ['head-on'], tools: ['torque wrench'], torques: true);
        if ($sheet->valveTrain->hasCamInHead()) {
            self::camInHead($plan);
        } elseif ($sheet->valveTrain->gear === ValveGear::Pushrod) {
            self::pushrods($plan);
        }
        if (! $side && $sheet->valveTrain->valves !== []) {
            self::lash($plan);
        }
        $plan->add('ignition', SlabKind::Case, StepKind::Time, 'Ignition timing read and set', 'Early burns a piston, late an exhaust.', 15, ['torque.head', 'timed'], tools: ['dial', 'timing light']);
    }

    private static function sideValves(PlanBuilder $plan): void
    {
        foreach ($plan->sheet->valveTrain->valves as $valve) {
            $plan->add('lash.'.$valve->id, SlabKind::Barrel, StepKind::Valves, ucfirst($valve->name).': stem ground to clearance, collets in', 'A stem can be ground shorter, not longer: a little, and read.', 20, ['turned', 'head-built', 'measure.cam'], places: [$valve->cylinder, $valve->id], caution: 'Eye protection: grinding and springs.', spots: 'valve_lash.'.$valve->cylinder.'.'.$valve->id);
        }
    }

    /** @return list<string> */
    private static function asks(PlanBuilder $plan): array
    {
        $sheet = $plan->sheet;

        return array_values(array_filter([
            'Dowels in on both sides, gasket flat on them',
            $sheet->valveTrain->drive === CamDrive::Chain && $sheet->valveTrain->hasCamInHead() ? 'Front chain guide in its slot, seated at both ends' : null,
            $sheet->valveTrain->gear === ValveGear::Pushrod ? 'Tube seals in, top and bottom, each seen' : null,
            'Bolt holes dry: oil under a bolt splits the case',
            'Bore wiped, nothing on the crown',
            $sheet->valveTrain->drive === CamDrive::Chain && $sheet->valveTrain->hasCamInHead() ? 'Chain up through the tunnel and held' : null,
        ]));
    }

    private static function camInHead(PlanBuilder $plan): void
    {
        $sheet = $plan->sheet;
        $plan->add('cam-in', SlabKind::ValveGear, StepKind::Time, 'Pistons '.(count($sheet->cylinders) > 1 ? 'mid-stroke' : 'at top dead centre of compression').', cam in, lobes oiled, caps drawn down evenly', 'A valve must not meet a piston while the cam goes in.', 20, ['torque.head', 'measure.cam', ...$plan->beginning('trays')], settles: true, uses: 'assembly lube on lobes and journals');
        if ($sheet->valveTrain->drive === CamDrive::Chain) {
            $plan->add('chain-on', SlabKind::ValveGear, StepKind::Time, 'Crank at its mark, chain on the wheel with its driven side tight, marks level with the edge', 'A tooth is a great deal of crank.', 15, ['cam-in']);
            $plan->add('tensioner-in', SlabKind::ValveGear, StepKind::Time, 'Tensioner reset, in, released and seen to take up', 'One that did not let go lets the chain jump at the first start.', 8, ['chain-on'], parts: ['Tensioner gasket']);
        }
        $plan->add('timed', SlabKind::ValveGear, StepKind::Time, 'Two full turns by hand, every mark read again', 'What stands right after two turns is right.', 6, ['tensioner-in', 'cam-in'], tools: [$sheet->crank->turnedBy ?? 'crank turned by hand'], caution: 'Hands clear while turning. '.($sheet->crank->turningBack ?? ''), torques: true);
    }

    private static function pushrods(PlanBuilder $plan): void
    {
        $sheet = $plan->sheet;
        $hydraulic = $sheet->valveTrain->adjustment === Adjustment::Hydraulic;
        $ends = [];
        $last = ['torque.head', ...$plan->beginning('trays'), 'measure.cam'];
        foreach ($sheet->cylinders as $cylinder) {
            $ends[] = $plan->add('pushrods', SlabKind::ValveGear, StepKind::Fit, 'Lifters low, tubes with both seals, rods by valve, rocker box drawn down evenly', 'Drawn down on the base circle; inlet and exhaust rods differ.', 25, $last, cylinder: $cylinder, settles: true, parts: ['Tube seals'.(count($sheet->cylinders) > 1 ? ', '.$cylinder->name : '')]);
            if ($hydraulic) {
                $plan->add('rods-spin', SlabKind::ValveGear, StepKind::Valves, 'Both rods spin by finger, then the crank is turned', 'Turned before they have bled down, a valve meets a piston or a rod bends.', 3, ['pushrods.'.$cylinder->id], cylinder: $cylinder, caution: 'Do not turn the engine until the rods spin.');
                $last = ['rods-spin.'.$cylinder->id];
            }
        }
        $plan->add('timed', SlabKind::ValveGear, StepKind::Time, 'Cam marks seen, two full turns by hand', 'What stands right after two turns is right.', 6, [...$ends, ...$plan->beginning('rods-spin')], caution: 'Hands clear while turning.', torques: true);
    }

    private static function lash(PlanBuilder $plan): void
    {
        $sheet = $plan->sheet;
        if ($sheet->valveTrain->adjustment === Adjustment::Hydraulic) {
            return;
        }
        foreach ($sheet->valveTrain->valves as $valve) {
            $cylinder = $sheet->cylinder($valve->cylinder);
            $named = $cylinder === null || count($sheet->cylinders) === 1 ? '' : ', '.$cylinder->name;
            $plan->add('lash.'.$valve->id, SlabKind::ValveGear, StepKind::Valves, ucfirst($valve->name).$named.': clearance set on the base circle, read again', 'Tight burns the valve, wide hammers it.', $sheet->valveTrain->adjustment === Adjustment::ShimUnderBucket ? 8 : 4, ['timed'],
                places: [$valve->cylinder, $valve->id], tools: ['feeler leaves'], spots: 'valve_lash.'.$valve->cylinder.'.'.$valve->id);
        }
    }
}
