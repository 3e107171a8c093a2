<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\Lining;
use Moltrek\Core\Sheet\SlabKind;

/** Measuring, deciding, ordering, preparing. Source: shop practice; nothing is fitted before it is measured. */
final class DecidingRules
{
    public static function write(PlanBuilder $plan): void
    {
        $decided = self::bores($plan);
        self::headAndCam($plan);
        $ordered = $plan->step('order', StepKind::Order, SlabKind::Barrel)
            ->named('Parts list settled and ordered')
            ->because('One order, with the sizes that were decided.')
            ->after(...$decided)->after('measure.head', 'measure.cam')->after(...$plan->every('rod-felt'))
            ->takes(15)->id;
        foreach ($plan->sheet->layout->cylinders as $cylinder) {
            self::prepareBarrel($plan, $cylinder, $ordered);
        }
        self::prepareTop($plan, $ordered);
    }

    /** @return list<string> */
    private static function bores(PlanBuilder $plan): array
    {
        $decided = [];
        foreach ($plan->sheet->layout->cylinders as $cylinder) {
            $measured = $plan->step('measure.barrel', StepKind::Measure, SlabKind::Barrel, $cylinder)
                ->named('Piston, bore and rings measured')
                ->because('The clearance decides between seizing and slapping.')
                ->after('clean.barrel')
                ->reading(SpotsOf::barrel($cylinder->id))
                ->with('micrometer', 'bore gauge', 'feeler leaves')
                ->takes(20)->id;
            $decided[] = $plan->step('decide.bore', StepKind::Decide, SlabKind::Barrel, $cylinder)
                ->named('Bore decided')
                ->because('Keep, hone, bore, plate or replace, before parts are ordered.')
                ->after($measured)
                ->deciding(Decision::Bore)
                ->takes(5)->id;
        }
        if (! $plan->sheet->layout->hasSeveral()) {
            return $decided;
        }

        return [$plan->step('decide.pairs', StepKind::Decide, SlabKind::Barrel)
            ->named('Pistons paired with bores')
            ->because('The worst pair gets as much room as it can have.')
            ->after(...$decided)
            ->deciding(Decision::Pairs)
            ->undoneBy(Act::PistonChanged)
            ->takes(5)->id];
    }

    private static function headAndCam(PlanBuilder $plan): void
    {
        $valves = count($plan->sheet->valveTrain->valves);
        $plan->step('measure.head', StepKind::Measure, SlabKind::Head)
            ->named('Joint faces and, where there are any, valves measured')
            ->because('A gasket follows no hollow.')
            ->after('clean.head')
            ->reading(SpotsOf::head())
            ->with('straight-edge', 'feeler leaves')
            ->takes(20 + 6 * $valves);
        if ($valves > 0) {
            $plan->step('measure.cam', StepKind::Measure, SlabKind::ValveGear)
                ->named('Lobes and journals measured')
                ->because('Lift lost is power lost.')
                ->after(...$plan->every('off'))
                ->reading(SpotsOf::cam())
                ->with('micrometer')
                ->takes(4 * $valves);
        }
    }

    private static function prepareBarrel(PlanBuilder $plan, Cylinder $cylinder, string $ordered): void
    {
        $barrel = $plan->sheet->barrel;
        $deglazed = $plan->step('deglaze', StepKind::Prepare, SlabKind::Barrel, $cylinder)
            ->named($barrel->lining === Lining::Plated ? 'Glaze broken by hand, plating looked over' : 'Bore to size, cross-hatch even')
            ->because('New rings seat on a scratched wall.')
            ->after($ordered)
            ->bySchool('deglaze')
            ->with(...$barrel->honeWith)
            ->takes(15)->id;
        $washed = $plan->step('wash', StepKind::Prepare, SlabKind::Barrel, $cylinder)
            ->named('Bore washed until a white cloth stays clean, dried, oiled')
            ->because('Grit left in the scratches laps the rings.')
            ->after($deglazed)
            ->bySchool('wash')
            ->uses('hot soapy water, then running oil at once')
            ->undoneBy(...Act::BORE_WORKED)
            ->takes(10)->id;
        $plan->step('gaps-filed', StepKind::Prepare, SlabKind::Barrel, $cylinder)
            ->named('Ring gaps tried in their own bore and filed to fit')
            ->because('A gap that closes when hot breaks the ring.')
            ->after($washed)
            ->bySchool('ring_ends')
            ->spends(PartKind::RingSet)
            ->with('feeler leaves')
            ->undoneBy(Act::PistonChanged, Act::RingChanged, ...Act::BORE_WORKED)
            ->takes(15);
        $plan->step('piston-ready', StepKind::Prepare, SlabKind::Barrel, $cylinder)
            ->named('Piston ready: grooves clean, edges broken, mark found')
            ->because('A burr on a skirt is a scratch in the bore.')
            ->after($ordered)
            ->bySchool('skirt')
            ->deciding(Decision::PartsOfBore)
            ->undoneBy(Act::PistonChanged)
            ->takes(8);
    }

    private static function prepareTop(PlanBuilder $plan, string $ordered): void
    {
        $valves = count($plan->sheet->valveTrain->valves);
        if ($valves > 0) {
            $plan->step('head-built', StepKind::Prepare, SlabKind::Head)
                ->named('Valves in, seats proved, springs and collets seated')
                ->because('A seat is proved before the head goes on, not after.')
                ->after($ordered)
                ->spends(PartKind::StemSeals)
                ->caution('Eye protection: springs and collets fly.')
                ->takes(15 * max(1, intdiv($valves, 2)));
        }
        if ($plan->sheet->exhaustValve) {
            $plan->step('exhaust-valve-in', StepKind::Fit, SlabKind::Barrel)
                ->named('Exhaust valve in: marks at rack and gear, free after each piece, closes fully')
                ->because('One that sticks costs half the power, or a piston.')
                ->after('clean.exhaust-valve', ...$plan->every('wash'))
                ->lostWith(SlabKind::Case)
                ->undoneBy(Act::BaseGasketChanged)
                ->caution('Left-hand nut: it loosens to the right.')
                ->takes(25);
        }
        $plan->step('faces', StepKind::Prepare, SlabKind::Case)
            ->named('Joint faces bare, dowels and studs seen')
            ->because('A joint leaks where something was left.')
            ->after($ordered)
            ->takes(10);
    }
}
