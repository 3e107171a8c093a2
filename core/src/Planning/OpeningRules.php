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
        $sheet = $plan->sheet;
        $found = [];
        if ($sheet->limitsFor('cranking_compression') !== []) {
            foreach ($sheet->cylinders as $cylinder) {
                $found[] = $plan->add('as-found', SlabKind::Head, StepKind::Test, 'Cranking compression as it came in', 'What came in is the before of what goes out.', 6, cylinder: $cylinder,
                    tools: ['pressure gauge', 'plug spanner'], caution: 'Ignition off, plugs earthed: fuel vapour and sparks.', spots: 'cranking_compression.'.$cylinder->id);
            }
        }
        $drained = $sheet->cooling === Cooling::Liquid
            ? [$plan->add('drain', SlabKind::Case, StepKind::TakeOff, 'Coolant drained, plug and washer laid by', 'Coolant in the cases costs a bearing.', 10, $found, caution: 'Only when cold: hot coolant scalds.')]
            : $found;
        if ($sheet->valveTrain->hasCamInHead()) {
            $drained = [$plan->add('marks-seen', SlabKind::ValveGear, StepKind::TakeOff, 'Cam marks seen at top dead centre, photographed', 'The way it stood is the only proof of how it was timed.', 6, $drained, tools: [$sheet->crank->turnedBy ?? 'crank turned by hand'])];
        }
        if ($sheet->valveTrain->drive === CamDrive::Chain) {
            $drained = [$plan->add('tensioner-out', SlabKind::ValveGear, StepKind::TakeOff, 'Tensioner slackened and out', 'It jumps out when the cam lets go of the chain.', 6, $drained, caution: 'Eye protection: the spring is loaded.')];
        }
        self::takeApart($plan, $drained);
        self::cleanAndLook($plan);
    }

    /** @param  list<string>  $before */
    private static function takeApart(PlanBuilder $plan, array $before): void
    {
        $sheet = $plan->sheet;
        $last = $before;
        foreach (array_reverse(array_slice($sheet->slabs, 1)) as $slab) {
            $last = [$plan->add('off.'.$slab->id, $slab->kind, StepKind::TakeOff, $slab->name.' off', 'From the top down, every fastener back to its place on the tray.', self::minutesOff($slab->kind), $last,
                places: [$slab->id], secondPerson: $slab->kind === SlabKind::Head && count($sheet->cylinders) > 2, caution: $slab->kind === SlabKind::Barrel ? 'Support the piston: it falls against the cases.' : null)];
        }
        if ($sheet->valveTrain->valves !== [] && $plan->has(SlabKind::ValveGear)) {
            $what = match ($sheet->valveTrain->adjustment) {
                Adjustment::ShimUnderBucket => 'Buckets and shims to their slots, by valve',
                Adjustment::Hydraulic => 'Lifters and rods to their slots, upright, by valve and cylinder',
                default => 'Rockers, caps and rods to their slots, by valve',
            };
            $plan->add('trays', SlabKind::ValveGear, StepKind::TakeOff, $what, 'What has run together stays together.', 8, $plan->beginning('off.'.$plan->slab(SlabKind::ValveGear)->id), tools: ['slots by valve and cylinder']);
        }
        if ($sheet->exhaustValve) {
            $plan->add('exhaust-valve-out', SlabKind::Barrel, StepKind::TakeOff, 'Exhaust valve out, left and right parts kept apart', 'The halves look alike and are not.', 15, $plan->beginning('off.'.$plan->slab(SlabKind::Barrel)->id));
        }
        if ($sheet->piston->circlips) {
            foreach ($sheet->cylinders as $cylinder) {
                $plan->add('piston-off', SlabKind::Barrel, StepKind::TakeOff, 'Piston off its rod, marked on the inside', 'A piston goes back to its own bore, the same way round.', 5, $plan->beginning('off.'.$plan->slab(SlabKind::Barrel)->id),
                    cylinder: $cylinder, caution: 'Eye protection: a circlip can fly.');
            }
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

    private static function cleanAndLook(PlanBuilder $plan): void
    {
        $sheet = $plan->sheet;
        $off = [...$plan->beginning('off.'.$sheet->slabs[1]->id), ...$plan->beginning('piston-off')];
        $plan->add('mouths-covered', SlabKind::Case, StepKind::Clean, 'Case mouths covered', 'What falls in is looked for longest.', 2, $off, uses: 'clean rag, in the ledger');
        $plan->add('clean.barrel', SlabKind::Barrel, StepKind::Clean, 'Barrel clean, ports and ways free of carbon', 'Carbon left in a port goes through the rings.', 25, [...$off, ...$plan->beginning('exhaust-valve-out')], caution: 'Ventilation: solvent.');
        $plan->add('clean.head', SlabKind::Head, StepKind::Clean, 'Head clean, chamber and joint face bare', 'A face is judged bare.', 20, $off, caution: 'Ventilation: solvent.');
        if ($sheet->exhaustValve) {
            $plan->add('clean.exhaust-valve', SlabKind::Barrel, StepKind::Clean, 'Exhaust valve and shaft free of carbon, seals renewed', 'It must fall by its own weight.', 20, $plan->beginning('exhaust-valve-out'), parts: ['Exhaust valve seals']);
        }
        foreach ($sheet->cylinders as $cylinder) {
            $plan->add('rod-felt', SlabKind::Case, StepKind::Inspect, 'Rod without up-and-down play, crank turned without a catch', 'A click here and everything above it waits.', 3, $off, cylinder: $cylinder);
        }
        if ($sheet->cycle === Cycle::FourStroke) {
            $plan->add('jets', SlabKind::Case, StepKind::Inspect, 'Oil jets and ways blown through and seen clear', 'A blocked jet is a seized piston.', 8, $off, caution: 'Eye protection: compressed air.');
        }
    }
}
