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
        $top = ['torque.head', 'timed', 'ignition', ...$plan->every('lash'), ...$plan->every('rods-spin')];
        if ($plan->has(SlabKind::Cover)) {
            $top = [self::cover($plan, $top)];
        }
        $filled = self::fill($plan, $top);
        self::start($plan, $top, $filled);
        self::runIn($plan);
    }

    /** @param  list<string>  $top */
    private static function cover(PlanBuilder $plan, array $top): string
    {
        $plan->step('cover-seal', StepKind::Fit, SlabKind::Cover)
            ->named('Cover seal in its groove, half-moons and corners dressed')
            ->because('It leaks where round meets flat.')
            ->after(...$top)
            ->bySchool('cover_gasket')
            ->spends(PartKind::CoverGasket)
            ->takes(8);
        $plan->step('hold.cover', StepKind::Hold, SlabKind::Cover)
            ->named('Before the covers go on')
            ->because('The last look inside.')
            ->after('cover-seal')
            ->asking([
                'Every clearance read after two turns',
                'Oil over the lobes',
                'Tools, ties and locks out, nothing in the ledger',
                'No fastener owed its torque',
            ], nothingOwed: true)
            ->takes(3);

        return $plan->step('cover-on', StepKind::Fit, SlabKind::Cover)
            ->named('Covers on, drawn down evenly')
            ->because('A cover that goes tight is taken off and looked at.')
            ->after('cover-seal')
            ->behind('hold.cover')
            ->settling()
            ->torquing()
            ->bySchool('cover_screws')
            ->takes(10)->id;
    }

    /**
     * @param  list<string>  $top
     * @return list<string>
     */
    private static function fill(PlanBuilder $plan, array $top): array
    {
        $filled = [];
        if ($plan->sheet->layout->cycle === Cycle::FourStroke) {
            $filled[] = $plan->step('oil-in', StepKind::Fill, SlabKind::Case)
                ->named('Oil in, filter in, level read')
                ->because('An engine started dry is an engine rebuilt twice.')
                ->after(...$top)
                ->spends(PartKind::OilFilter)
                ->takes(10)->id;
            $filled[] = $plan->step('primed', StepKind::Fill, SlabKind::Case)
                ->named('Turned with plugs out until oil is seen at the top')
                ->because('Oil must be there before the first fire.')
                ->after('oil-in')
                ->caution('Plugs earthed: fuel vapour and sparks.')
                ->takes(8)->id;
        }
        if ($plan->sheet->layout->cooling === Cooling::Liquid) {
            $filled[] = $plan->step('coolant-in', StepKind::Fill, SlabKind::Head)
                ->named('Coolant in and bled')
                ->because('Air at the top of the head is a hot spot.')
                ->after(...$top)
                ->takes(12)->id;
        }

        return $filled;
    }

    /**
     * @param  list<string>  $top
     * @param  list<string>  $filled
     */
    private static function start(PlanBuilder $plan, array $top, array $filled): void
    {
        $fourStroke = $plan->sheet->layout->cycle === Cycle::FourStroke;
        $plan->step('leak-test', StepKind::Test, SlabKind::Head)
            ->named($fourStroke ? 'Leak-down read on every cylinder' : 'Cases and barrel hold pressure')
            ->because('A leak found now costs minutes.')
            ->after(...$top)->after(...$filled)
            ->caution('Low pressure, with regulator and relief.')
            ->takes(12);
        $plan->step('hold.start', StepKind::Hold, SlabKind::Head)
            ->named('Before the first start')
            ->because('What is forgotten now runs.')
            ->after('leak-test', ...$filled)
            ->asking([
                $fourStroke ? 'Oil level read' : 'Oil in the fuel or in the tank',
                $plan->sheet->layout->cooling === Cooling::Liquid ? 'Coolant bled' : null,
                'Nothing owed, nothing in the ledger',
                'Throttle snaps shut, kill switch works',
            ], nothingOwed: true)
            ->byTwo()
            ->takes(3);
        $plan->step('first-start', StepKind::Start, SlabKind::Head)
            ->named('First start: sound, leaks, oil pressure or smoke, then off')
            ->because('The first minute tells most.')
            ->after('leak-test', ...$filled)
            ->behind('hold.start')
            ->caution('Ventilation, machine supported, hot parts.')
            ->takes(10);
    }

    private static function runIn(PlanBuilder $plan): void
    {
        $plan->step('heat-cycle', StepKind::RunIn, SlabKind::Head)
            ->named('Heated and cooled right down')
            ->because('Gaskets settle with the heat.')
            ->after('first-start')
            ->caution('Hot parts.')
            ->takes(20);
        $plan->step('retorque', StepKind::RunIn, SlabKind::Head)
            ->named('Cold: head'.($plan->every('lash') === [] ? '' : ' and clearances').' checked again')
            ->because('What settled is taken up.')
            ->after('heat-cycle')
            ->takes(15);
        $plan->step('run-in', StepKind::RunIn, SlabKind::Head)
            ->named('Run-in sheet made out and handed over')
            ->because('Hours with the throttle held back, and when it comes back for a look.')
            ->after('retorque')
            ->bySchool('running_in')
            ->takes(5);
    }
}
