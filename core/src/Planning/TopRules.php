<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\CamDrive;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\Valve;
use Moltrek\Core\Sheet\ValveGear;

/** Deck and squish, head, cam timing, valve clearance. Source: shop practice; the maker's programmes stand at their steps. */
final class TopRules
{
    public static function write(PlanBuilder $plan): void
    {
        $train = $plan->sheet->valveTrain;
        $side = $train->gear === ValveGear::Side;
        foreach ($side ? $train->valves : [] as $valve) {
            self::groundStem($plan, $valve);
        }
        self::room($plan, $side);
        self::head($plan);
        match (true) {
            $train->hasCamInHead() => self::camInHead($plan),
            $train->gear === ValveGear::Pushrod => self::pushrods($plan),
            default => null,
        };
        if (! $side && $train->adjustment !== Adjustment::Hydraulic) {
            foreach ($train->valves as $valve) {
                self::lash($plan, $valve);
            }
        }
        $plan->step('ignition', StepKind::Time, SlabKind::Case)
            ->named('Ignition timing read and set')
            ->because('Early burns a piston, late an exhaust.')
            ->after('torque.head', 'timed')
            ->with('dial', 'timing light')
            ->undoneBy(Act::RotorOff, Act::OtherCases)
            ->takes(15);
    }

    private static function groundStem(PlanBuilder $plan, Valve $valve): void
    {
        $plan->step('lash.'.$valve->id, StepKind::Valves, SlabKind::Barrel)
            ->named(ucfirst($valve->name).': stem ground to clearance, collets in')
            ->because('A stem can be ground shorter, not longer: a little, and read.')
            ->after('turned', 'head-built', 'measure.cam')
            ->at($valve->cylinder, $valve->id)
            ->reading(SpotsOf::place('valve_lash.'.$valve->cylinder.'.'.$valve->id))
            ->undoneBy(Act::CamOut, Act::ShimChanged)
            ->caution('Eye protection: grinding and springs.')
            ->takes(20);
    }

    private static function room(PlanBuilder $plan, bool $side): void
    {
        $plan->step('deck', StepKind::Test, SlabKind::Barrel)
            ->named('Deck height read at top dead centre')
            ->because('Proud by a gasket’s thickness meets the head.')
            ->after('turned')
            ->with('bridge', 'feeler leaves')
            ->undoneBy(Act::PistonChanged, Act::BaseGasketChanged, Act::OtherCases)
            ->takes(8);
        $plan->step('squish', StepKind::Test, SlabKind::Head)
            ->named($side ? 'Room over the valves proved with clay' : 'Squish proved on both sides of the pin')
            ->because('The thinnest point decides.')
            ->after('deck', 'clean.head')
            ->bySchool('squish_with')
            ->undoneBy(Act::BaseGasketChanged, Act::HeadGasketChanged, Act::OtherCases)
            ->caution('Turned by hand only, plugs out.')
            ->takes(15);
        $plan->step('head-gasket', StepKind::Fit, SlabKind::HeadGasket)
            ->named('New head joint laid on, right way up, ways seen open')
            ->because('Turned over it shuts a way.')
            ->after('squish', 'turned')
            ->settling()
            ->bySchool('o_ring_face')
            ->spends(PartKind::HeadJoint)
            ->takes(4);
    }

    private static function head(PlanBuilder $plan): void
    {
        $plan->step('hold.head', StepKind::Hold, SlabKind::Head)
            ->named('Before the head goes on')
            ->because('What is under it cannot be reached afterwards.')
            ->after('head-gasket')
            ->asking(self::asks($plan))
            ->takes(3);
        $plan->step('head-on', StepKind::Fit, SlabKind::Head)
            ->named('Head on, fasteners run in by hand, standing proud alike')
            ->because('Bolts of different length that stand alike are in their places.')
            ->after('head-gasket', 'head-built', 'measure.head')
            ->behind('hold.head')
            ->settling()
            ->byTwo(count($plan->sheet->layout->cylinders) > 2)
            ->takes(12);
        $plan->step('torque.head', StepKind::Torque, SlabKind::Head)
            ->named('Head torqued in its stages, in its order, checked once round')
            ->because('One bolt eases its neighbours: the check pass finds it.')
            ->after('head-on')
            ->torquing()
            ->bySchool('head_bolts')
            ->with('torque wrench')
            ->undoneBy(Act::HeadSlackened)
            ->takes(15);
    }

    /** @return list<string|null> */
    private static function asks(PlanBuilder $plan): array
    {
        $train = $plan->sheet->valveTrain;
        $chain = $train->drive === CamDrive::Chain && $train->hasCamInHead();

        return [
            'Dowels in on both sides, gasket flat on them',
            $chain ? 'Front chain guide in its slot, seated at both ends' : null,
            $train->gear === ValveGear::Pushrod ? 'Tube seals in, top and bottom, each seen' : null,
            'Bolt holes dry: oil under a bolt splits the case',
            'Bore wiped, nothing on the crown',
            $chain ? 'Chain up through the tunnel and held' : null,
        ];
    }

    /**
     * A chain that a gasket makes longer or shorter moves the cam; gears and pushrods do not.
     *
     * @return list<Act>
     */
    private static function movedByHeight(PlanBuilder $plan): array
    {
        return $plan->sheet->valveTrain->drive === CamDrive::Chain ? [Act::BaseGasketChanged, Act::HeadGasketChanged] : [];
    }

    private static function camInHead(PlanBuilder $plan): void
    {
        $stand = $plan->sheet->layout->hasSeveral() ? 'mid-stroke' : 'at top dead centre of compression';
        $plan->step('cam-in', StepKind::Time, SlabKind::ValveGear)
            ->named('Pistons '.$stand.', cam in, lobes oiled, caps drawn down evenly')
            ->because('A valve must not meet a piston while the cam goes in.')
            ->after('torque.head', 'measure.cam', 'trays')
            ->settling()
            ->uses('assembly lube on lobes and journals')
            ->undoneBy(Act::CamOut)
            ->takes(20);
        if ($plan->sheet->valveTrain->drive === CamDrive::Chain) {
            $plan->step('chain-on', StepKind::Time, SlabKind::ValveGear)
                ->named('Crank at its mark, chain on the wheel with its driven side tight, marks level with the edge')
                ->because('A tooth is a great deal of crank.')
                ->after('cam-in')
                ->undoneBy(Act::CamOut, Act::OtherCases, ...self::movedByHeight($plan))
                ->takes(15);
            $plan->step('tensioner-in', StepKind::Time, SlabKind::ValveGear)
                ->named('Tensioner reset, in, released and seen to take up')
                ->because('One that did not let go lets the chain jump at the first start.')
                ->after('chain-on')
                ->bySchool('tensioner')
                ->spends(PartKind::TensionerGasket)
                ->undoneBy(Act::CamOut)
                ->takes(8);
        }
        self::timed($plan)
            ->named('Two full turns by hand, every mark read again')
            ->after('tensioner-in', 'cam-in')
            ->with($plan->crankTurner())
            ->caution('Hands clear while turning. '.($plan->sheet->crank->turningBack ?? ''));
    }

    private static function timed(PlanBuilder $plan): StepDraft
    {
        return $plan->step('timed', StepKind::Time, SlabKind::ValveGear)
            ->because('What stands right after two turns is right.')
            ->torquing()
            ->undoneBy(Act::CamOut, Act::OtherCases, ...self::movedByHeight($plan))
            ->takes(6);
    }

    private static function pushrods(PlanBuilder $plan): void
    {
        $ends = [];
        $last = ['torque.head', 'trays', 'measure.cam'];
        foreach ($plan->sheet->layout->cylinders as $cylinder) {
            $ends[] = $in = self::rods($plan, $cylinder)->after(...$last)->id;
            if ($plan->sheet->valveTrain->adjustment === Adjustment::Hydraulic) {
                $last = [self::spun($plan, $cylinder)->after($in)->id];
            }
        }
        self::timed($plan)
            ->named('Cam marks seen, two full turns by hand')
            ->after(...$ends)->after(...$plan->every('rods-spin'))
            ->caution('Hands clear while turning.');
    }

    private static function rods(PlanBuilder $plan, Cylinder $cylinder): StepDraft
    {
        return $plan->step('pushrods', StepKind::Fit, SlabKind::ValveGear, $cylinder)
            ->named('Lifters low, tubes with both seals, rods by valve, rocker box drawn down evenly')
            ->because('Drawn down on the base circle; inlet and exhaust rods differ.')
            ->settling()
            ->spends(PartKind::TubeSeals)
            ->takes(25);
    }

    private static function spun(PlanBuilder $plan, Cylinder $cylinder): StepDraft
    {
        return $plan->step('rods-spin', StepKind::Valves, SlabKind::ValveGear, $cylinder)
            ->named('Both rods spin by finger, then the crank is turned')
            ->because('Turned before they have bled down, a valve meets a piston or a rod bends.')
            ->caution('Do not turn the engine until the rods spin.')
            ->takes(3);
    }

    private static function lash(PlanBuilder $plan, Valve $valve): void
    {
        $cylinder = $plan->sheet->cylinder($valve->cylinder);
        $plan->step('lash.'.$valve->id, StepKind::Valves, SlabKind::ValveGear)
            ->named(ucfirst($valve->name).($cylinder === null ? '' : $plan->of($cylinder)).': clearance set on the base circle, read again')
            ->because('Tight burns the valve, wide hammers it.')
            ->after('timed')
            ->at($valve->cylinder, $valve->id)
            ->reading(SpotsOf::place('valve_lash.'.$valve->cylinder.'.'.$valve->id))
            ->with('feeler leaves')
            ->undoneBy(Act::CamOut, Act::ShimChanged)
            ->takes($plan->sheet->valveTrain->adjustment === Adjustment::ShimUnderBucket ? 8 : 4);
    }
}
