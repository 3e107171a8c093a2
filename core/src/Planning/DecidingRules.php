<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Lining;
use Moltrek\Core\Sheet\SlabKind;

/** Measuring, deciding, ordering, preparing. Source: shop practice; nothing is fitted before it is measured. */
final class DecidingRules
{
    public static function write(PlanBuilder $plan): void
    {
        $sheet = $plan->sheet;
        $decided = [];
        foreach ($sheet->cylinders as $cylinder) {
            $plan->add('measure.barrel', SlabKind::Barrel, StepKind::Measure, 'Piston, bore and rings measured', 'The clearance decides between seizing and slapping.', 20, ['clean.barrel'], cylinder: $cylinder,
                tools: ['micrometer', 'bore gauge', 'feeler leaves'], spots: 'barrel.'.$cylinder->id);
            $decided[] = $plan->add('decide.bore', SlabKind::Barrel, StepKind::Decide, 'Bore decided', 'Keep, hone, bore, plate or replace, before parts are ordered.', 5, ['measure.barrel.'.$cylinder->id], cylinder: $cylinder);
        }
        if (count($sheet->cylinders) > 1) {
            $decided = [$plan->add('decide.pairs', SlabKind::Barrel, StepKind::Decide, 'Pistons paired with bores', 'The worst pair gets as much room as it can have.', 5, $decided)];
        }
        $plan->add('measure.head', SlabKind::Head, StepKind::Measure, 'Joint faces and, where there are any, valves measured', 'A gasket follows no hollow.', 20 + 6 * count($sheet->valveTrain->valves), ['clean.head'], tools: ['straight-edge', 'feeler leaves'], spots: 'head');
        if ($sheet->valveTrain->valves !== []) {
            $plan->add('measure.cam', SlabKind::ValveGear, StepKind::Measure, 'Lobes and journals measured', 'Lift lost is power lost.', 4 * count($sheet->valveTrain->valves), $plan->beginning('off'), tools: ['micrometer'], spots: 'cam');
        }
        $ordered = $plan->add('order', SlabKind::Barrel, StepKind::Order, 'Parts list settled and ordered', 'One order, with the sizes that were decided.', 15, [...$decided, 'measure.head', 'measure.cam', ...$plan->beginning('rod-felt')]);
        self::prepare($plan, $ordered);
    }

    private static function prepare(PlanBuilder $plan, string $ordered): void
    {
        $sheet = $plan->sheet;
        foreach ($sheet->cylinders as $cylinder) {
            $plan->add('deglaze', SlabKind::Barrel, StepKind::Prepare, $sheet->barrel->lining === Lining::Plated ? 'Glaze broken by hand, plating looked over' : 'Bore to size, cross-hatch even', 'New rings seat on a scratched wall.', 15, [$ordered], cylinder: $cylinder,
                tools: $sheet->barrel->honeWith);
            $plan->add('wash', SlabKind::Barrel, StepKind::Prepare, 'Bore washed until a white cloth stays clean, dried, oiled', 'Grit left in the scratches laps the rings.', 10, ['deglaze.'.$cylinder->id], cylinder: $cylinder, uses: 'hot soapy water, then running oil at once');
            $plan->add('gaps-filed', SlabKind::Barrel, StepKind::Prepare, 'Ring gaps tried in their own bore and filed to fit', 'A gap that closes when hot breaks the ring.', 15, ['wash.'.$cylinder->id], cylinder: $cylinder, parts: ['Ring set'.self::ofCylinder($plan, $cylinder->name)], tools: ['feeler leaves']);
            $plan->add('piston-ready', SlabKind::Barrel, StepKind::Prepare, 'Piston ready: grooves clean, edges broken, mark found', 'A burr on a skirt is a scratch in the bore.', 8, [$ordered], cylinder: $cylinder);
        }
        if ($sheet->valveTrain->valves !== []) {
            $plan->add('head-built', SlabKind::Head, StepKind::Prepare, 'Valves in, seats proved, springs and collets seated', 'A seat is proved before the head goes on, not after.', 15 * max(1, intdiv(count($sheet->valveTrain->valves), 2)), [$ordered],
                parts: ['Valve stem seals'], caution: 'Eye protection: springs and collets fly.');
        }
        if ($sheet->exhaustValve) {
            $plan->add('exhaust-valve-in', SlabKind::Barrel, StepKind::Fit, 'Exhaust valve in: marks at rack and gear, free after each piece, closes fully', 'One that sticks costs half the power, or a piston.', 25, ['clean.exhaust-valve', ...$plan->beginning('wash')],
                lostWith: SlabKind::Case, caution: 'Left-hand nut: it loosens to the right.');
        }
        $plan->add('faces', SlabKind::Case, StepKind::Prepare, 'Joint faces bare, dowels and studs seen', 'A joint leaks where something was left.', 10, [$ordered]);
    }

    private static function ofCylinder(PlanBuilder $plan, string $name): string
    {
        return count($plan->sheet->cylinders) === 1 ? '' : ', '.$name;
    }
}
