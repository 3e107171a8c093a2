<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Cooling;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\SlabKind;

/** Covers, filling, tests, first start, running in, hand-over. Source: shop practice. */
final class ClosingRules
{
    public static function write(PlanBuilder $plan): void
    {
        $sheet = $plan->sheet;
        $top = ['torque.head', 'timed', 'ignition', ...$plan->beginning('lash'), ...$plan->beginning('rods-spin')];
        if ($plan->has(SlabKind::Cover)) {
            $plan->add('cover-seal', SlabKind::Cover, StepKind::Fit, 'Cover seal in its groove, half-moons and corners dressed', 'It leaks where round meets flat.', 8, $top, parts: ['Cover gasket']);
            $plan->add('hold.cover', SlabKind::Cover, StepKind::Hold, 'Before the covers go on', 'The last look inside.', 3, ['cover-seal'], asks: ['Every clearance read after two turns', 'Oil over the lobes', 'Tools, ties and locks out, nothing in the ledger', 'No fastener owed its torque']);
            $top = [$plan->add('cover-on', SlabKind::Cover, StepKind::Fit, 'Covers on, drawn down evenly', 'A cover that goes tight is taken off and looked at.', 10, ['cover-seal'], hold: 'hold.cover', settles: true, torques: true)];
        }
        $filled = [];
        if ($sheet->cycle === Cycle::FourStroke) {
            $filled[] = $plan->add('oil-in', SlabKind::Case, StepKind::Fill, 'Oil in, filter in, level read', 'An engine started dry is an engine rebuilt twice.', 10, $top, parts: ['Oil filter']);
            $filled[] = $plan->add('primed', SlabKind::Case, StepKind::Fill, 'Turned with plugs out until oil is seen at the top', 'Oil must be there before the first fire.', 8, ['oil-in'], caution: 'Plugs earthed: fuel vapour and sparks.');
        }
        if ($sheet->cooling === Cooling::Liquid) {
            $filled[] = $plan->add('coolant-in', SlabKind::Head, StepKind::Fill, 'Coolant in and bled', 'Air at the top of the head is a hot spot.', 12, $top);
        }
        $plan->add('leak-test', SlabKind::Head, StepKind::Test, $sheet->cycle === Cycle::TwoStroke ? 'Cases and barrel hold pressure' : 'Leak-down read on every cylinder', 'A leak found now costs minutes.', 12, [...$top, ...$filled], caution: 'Low pressure, with regulator and relief.');
        $plan->add('hold.start', SlabKind::Head, StepKind::Hold, 'Before the first start', 'What is forgotten now runs.', 3, ['leak-test', ...$filled], asks: array_values(array_filter([
            $sheet->cycle === Cycle::FourStroke ? 'Oil level read' : 'Oil in the fuel or in the tank', $sheet->cooling === Cooling::Liquid ? 'Coolant bled' : null, 'Nothing owed, nothing in the ledger', 'Throttle snaps shut, kill switch works',
        ])), secondPerson: true);
        $plan->add('first-start', SlabKind::Head, StepKind::Start, 'First start: sound, leaks, oil pressure or smoke, then off', 'The first minute tells most.', 10, ['leak-test', ...$filled], hold: 'hold.start', caution: 'Ventilation, machine supported, hot parts.');
        $plan->add('heat-cycle', SlabKind::Head, StepKind::RunIn, 'Heated and cooled right down', 'Gaskets settle with the heat.', 20, ['first-start'], caution: 'Hot parts.');
        $plan->add('retorque', SlabKind::Head, StepKind::RunIn, 'Cold: head'.($plan->beginning('lash') === [] ? '' : ' and clearances').' checked again', 'What settled is taken up.', 15, ['heat-cycle']);
        $plan->add('run-in', SlabKind::Head, StepKind::RunIn, 'Run-in sheet made out and handed over', 'Hours with the throttle held back, and when it comes back for a look.', 5, ['retorque']);
    }
}
