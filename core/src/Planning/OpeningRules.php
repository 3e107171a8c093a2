<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\CamDrive;
use Moltrek\Core\Sheet\Cooling;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\SlabKind;

/** Intake, taking apart from the top, cleaning and looking. Source: shop practice. */
final class OpeningRules
{
    public static function write(PlanBuilder $plan): void
    {
        $before = self::asFound($plan);
        $before = self::makeSafe($plan, $before);
        self::takeApart($plan, $before);
        self::sortParts($plan);
        self::clean($plan);
        self::look($plan);
    }

    /** @return list<string> */
    private static function asFound(PlanBuilder $plan): array
    {
        $found = [];
        foreach ($plan->sheet->limitsFor('cranking_compression') === [] ? [] : $plan->sheet->layout->cylinders as $cylinder) {
            $found[] = $plan->step('as-found', StepKind::Test, SlabKind::Head, $cylinder)
                ->named('Cranking compression as it came in')
                ->because('What came in is the before of what goes out.')
                ->reading(SpotsOf::place('cranking_compression.'.$cylinder->id), asFound: true)
                ->with('pressure gauge', 'plug spanner')
                ->caution('Ignition off, plugs earthed: fuel vapour and sparks.')
                ->takes(6)->id;
        }

        return $found;
    }

    /**
     * @param  list<string>  $before
     * @return list<string>
     */
    private static function makeSafe(PlanBuilder $plan, array $before): array
    {
        $train = $plan->sheet->valveTrain;
        if ($plan->sheet->layout->cooling === Cooling::Liquid) {
            $before = [$plan->step('drain', StepKind::TakeOff, SlabKind::Case)
                ->named('Coolant drained, plug and washer laid by')
                ->because('Coolant in the cases costs a bearing.')
                ->after(...$before)
                ->opening()
                ->caution('Only when cold: hot coolant scalds.')
                ->takes(10)->id];
        }
        if ($train->hasCamInHead()) {
            $before = [$plan->step('marks-seen', StepKind::TakeOff, SlabKind::ValveGear)
                ->named('Cam marks seen at top dead centre, photographed')
                ->because('The way it stood is the only proof of how it was timed.')
                ->after(...$before)
                ->opening()
                ->with($plan->crankTurner())
                ->takes(6)->id];
        }
        if ($train->drive === CamDrive::Chain) {
            $before = [$plan->step('tensioner-out', StepKind::TakeOff, SlabKind::ValveGear)
                ->named('Tensioner slackened and out')
                ->because('It jumps out when the cam lets go of the chain.')
                ->after(...$before)
                ->opening()
                ->bySchool('tensioner')
                ->caution('Eye protection: the spring is loaded.')
                ->takes(6)->id];
        }

        return $before;
    }

    /** @param  list<string>  $before */
    private static function takeApart(PlanBuilder $plan, array $before): void
    {
        foreach (array_reverse(array_slice($plan->sheet->stack->slabs, 1)) as $slab) {
            $before = [$plan->step('off.'.$slab->id, StepKind::TakeOff, $slab->kind)
                ->named($slab->name.' off')
                ->because('From the top down, every fastener back to its place on the tray.')
                ->after(...$before)
                ->lifting()
                ->at($slab->id)
                ->byTwo($slab->kind === SlabKind::Head && count($plan->sheet->layout->cylinders) > 2)
                ->caution($slab->kind === SlabKind::Barrel ? 'Support the piston: it falls against the cases.' : null)
                ->takes(self::minutesOff($slab->kind))->id];
        }
    }

    private static function minutesOff(SlabKind $kind): int
    {
        return match ($kind) {
            SlabKind::Cover, SlabKind::Head => 15,
            SlabKind::ValveGear, SlabKind::Barrel => 20,
            SlabKind::BaseGasket, SlabKind::HeadGasket, SlabKind::Case => 5,
        };
    }

    private static function sortParts(PlanBuilder $plan): void
    {
        $sheet = $plan->sheet;
        if ($sheet->valveTrain->valves !== [] && $plan->has(SlabKind::ValveGear)) {
            $plan->step('trays', StepKind::TakeOff, SlabKind::ValveGear)
                ->named(match ($sheet->valveTrain->adjustment) {
                    Adjustment::ShimUnderBucket => 'Buckets and shims to their slots, by valve',
                    Adjustment::Hydraulic => 'Lifters and rods to their slots, upright, by valve and cylinder',
                    default => 'Rockers, caps and rods to their slots, by valve',
                })
                ->because('What has run together stays together.')
                ->after($plan->off(SlabKind::ValveGear))
                ->with('slots by valve and cylinder')
                ->takes(8);
        }
        if ($sheet->exhaustValve) {
            $plan->step('exhaust-valve-out', StepKind::TakeOff, SlabKind::Barrel)
                ->named('Exhaust valve out, left and right parts kept apart')
                ->because('The halves look alike and are not.')
                ->after($plan->off(SlabKind::Barrel))
                ->takes(15);
        }
        foreach ($sheet->piston->circlips ? $sheet->layout->cylinders : [] as $cylinder) {
            $plan->step('piston-off', StepKind::TakeOff, SlabKind::Barrel, $cylinder)
                ->named('Piston off its rod, marked on the inside')
                ->because('A piston goes back to its own bore, the same way round.')
                ->after($plan->off(SlabKind::Barrel))
                ->caution('Eye protection: a circlip can fly.')
                ->takes(5);
        }
    }

    /** @return list<string> the steps after which the engine is apart */
    private static function apart(PlanBuilder $plan): array
    {
        return ['off.'.($plan->sheet->stack->slabs[1]->id ?? ''), ...$plan->every('piston-off')];
    }

    private static function clean(PlanBuilder $plan): void
    {
        $apart = self::apart($plan);
        $plan->step('mouths-covered', StepKind::Clean, SlabKind::Case)
            ->named('Case mouths covered')
            ->because('What falls in is looked for longest.')
            ->after(...$apart)
            ->bySchool('worked')
            ->uses('clean rag, in the ledger')
            ->takes(2);
        $plan->step('clean.barrel', StepKind::Clean, SlabKind::Barrel)
            ->named('Barrel clean, ports and ways free of carbon')
            ->because('Carbon left in a port goes through the rings.')
            ->after(...$apart)->after('exhaust-valve-out')
            ->caution('Ventilation: solvent.')
            ->takes(25);
        $plan->step('clean.head', StepKind::Clean, SlabKind::Head)
            ->named('Head clean, chamber and joint face bare')
            ->because('A face is judged bare.')
            ->after(...$apart)
            ->caution('Ventilation: solvent.')
            ->takes(20);
        if ($plan->sheet->exhaustValve) {
            $plan->step('clean.exhaust-valve', StepKind::Clean, SlabKind::Barrel)
                ->named('Exhaust valve and shaft free of carbon, seals renewed')
                ->because('It must fall by its own weight.')
                ->after('exhaust-valve-out')
                ->spends(PartKind::ExhaustValveSeals)
                ->takes(20);
        }
    }

    private static function look(PlanBuilder $plan): void
    {
        foreach ($plan->sheet->layout->cylinders as $cylinder) {
            $plan->step('rod-felt', StepKind::Inspect, SlabKind::Case, $cylinder)
                ->named('Rod without up-and-down play, crank turned without a catch')
                ->because('A click here and everything above it waits.')
                ->after(...self::apart($plan))
                ->takes(3);
        }
        if ($plan->sheet->layout->cycle === Cycle::FourStroke) {
            $plan->step('jets', StepKind::Inspect, SlabKind::Case)
                ->named('Oil jets and ways blown through and seen clear')
                ->because('A blocked jet is a seized piston.')
                ->after(...self::apart($plan))
                ->caution('Eye protection: compressed air.')
                ->takes(8);
        }
    }
}
