<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\Fastener;
use Moltrek\Core\Sheet\Seal;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\Stack;
use Moltrek\Core\Sheet\StepKind;
use Moltrek\Core\Sheet\ValveGear;

/**
 * What is true of every slab: studs, the look before it closes, on, and the pull of its joint. A joint is pulled before
 * anything is put on top of it, unless what lies on top shares its fasteners. Source: shop practice.
 */
final readonly class SlabRules
{
    public static function write(PlanBuilder $plan): void
    {
        $rules = new self($plan, $plan->scope);
        foreach ($plan->scope->slabs() as $slab) {
            $rules->slab($slab);
        }
        array_map($rules->loads(...), $plan->sheet->layout->cylinders);
    }

    private function __construct(private PlanBuilder $plan, private Scope $scope)
    {
    }

    private function slab(Slab $slab): void
    {
        $this->studs($slab);
        if (! in_array($slab->kind, [SlabKind::Barrel, SlabKind::Head], true) && ! $slab->kind->isGasket()) {
            $this->close($slab);
        }
        if ($slab->kind !== SlabKind::Head && $this->plan->sheet->stack->isPulled($slab)) {
            $this->pull($slab);
        }
        $this->onWhatLiesUnder($slab);
    }

    /** By what the hydraulic lifters of a cylinder are loaded: fixed rods by the pull of their box, adjustable ones by being let out. */
    private function loads(Cylinder $cylinder): void
    {
        if (! $this->plan->knows('set.rods.'.$cylinder->id)) {
            return;
        }
        $box = $this->scope->bankOf($cylinder->id)->boxOf($cylinder->id);
        $shared = $box === null ? null : $this->plan->sheet->stack->sharesWith($box);
        $step = match (true) {
            $box === null, $this->plan->sheet->valveTrain->adjustableRods => 'on.rods.'.$cylinder->id,
            $this->plan->sheet->stack->isPulled($box) => 'pull.'.$box->id,
            $shared !== null => 'pull.'.$shared->id,
            default => 'on.'.$box->id,
        };
        $together = array_values(
            array_filter($box->cylinders ?? [$cylinder->id], fn (string $each): bool => $this->plan->knows('set.rods.'.$each)));
        $this->plan->draft($step)?->loading(
            $this->plan->sheet->valveTrain->adjustableRods || $box === null ? [$cylinder->id] : $together, $together);
    }

    /** Studs are seen, and run in where they were drawn, before the gasket is laid over them. */
    private function studs(Slab $slab): void
    {
        $studs = array_filter($this->plan->sheet->stack->fastenersOf($slab->id),
            static fn (Fastener $fastener): bool => $fastener->kind === 'stud');
        if ($studs === []) {
            return;
        }
        $this->plan->step('on.studs.'.$slab->id, StepKind::Fit, $slab)
            ->named('Studs of '.lcfirst($slab->name).' seen: straight, seated, drawn ones run in with two nuts, the right end down')
            ->because('A stud that has drawn its thread lets the joint weep.')
            ->after('off.'.$slab->id)
            ->before('on.'.$slab->id, ...array_map(static fn (Slab $gasket): string => 'on.'.$gasket->id, $this->gasketsUnder($slab)))
            ->lostWith()
            ->takes(2 + 2 * count($studs));
    }

    /** @return list<Slab> the gaskets right under a slab */
    private function gasketsUnder(Slab $slab): array
    {
        $under = array_filter(array_map($this->plan->sheet->stack->named(...), $slab->on));

        return array_values(array_filter($under, static fn (Slab $each): bool => $each->kind->isGasket()));
    }

    private function close(Slab $slab): void
    {
        $isCover = $slab->kind === SlabKind::Cover;
        $this->plan->step('hold.'.$slab->id, StepKind::Hold, $slab)
            ->named('Before fitting '.lcfirst($slab->name))
            ->because($isCover ? 'The last look inside.' : 'What is under it cannot be reached afterwards.')
            ->after('off.'.$slab->id)
            ->asking($this->asks($slab))
            ->takes(3);
        $isNamed = $this->plan->knows('on.'.$slab->id);
        $draft = $this->plan->step('on.'.$slab->id, StepKind::Fit, $slab)
            ->behind('hold.'.$slab->id)
            ->after('clean.'.$slab->id)
            ->settling()
            ->at($slab->id);
        // a slab that bears the cam's own word is named by how the cam goes in
        if ($isNamed) {
            return;
        }
        match (true) {
            $this->holdsCams($slab) => $draft
                ->named($slab->name.' on its dowels, caps by their numbers, drawn down a turn at a time from the middle')
                ->because('Drawn down on one side, a cap cracks.')->uses('assembly lube on the journals')->takes(12),
            $slab->kind->carriesRockers() => $this->rockersOn($draft, $slab),
            $slab->kind === SlabKind::CamChest => $this->sealed($draft, $slab,
                $this->closesOverCams($slab) ? 'shafts guided into their bores' : 'no lifter let fall')
                ->because($this->closesOverCams($slab) ? 'A cover that does not go home by hand has a shaft out of its bore.'
                    : 'A cover that goes tight is taken off and looked at.')->takes(12),
            default => $this->sealed($draft, $slab, 'drawn down evenly')
                ->because('A cover that goes tight is taken off and looked at.')->takes(10),
        };
    }

    /** On with what seals it, by the shop's own method where the trade has several. */
    private function sealed(StepDraft $draft, Slab $slab, string $how): StepDraft
    {
        return match ($this->plan->sheet->stack->sealOf($slab)) {
            Seal::Sealant => $draft->named("$slab->name on while its bead is wet, $how")
                ->uses('sealant in a thin bead, clear of the oil ways'),
            Seal::Bare => $draft->named("$slab->name on, faces clean and dry, $how"),
            Seal::ORing => $draft->named("$slab->name on, O-ring in its groove, $how")->bySchool('o_ring_face')->spends(PartKind::ORings),
            default => $draft->named("$slab->name on with its gasket, $how")->bySchool('cover_gasket')->spends(PartKind::CoverGasket),
        };
    }

    private function rockersOn(StepDraft $draft, Slab $slab): void
    {
        $train = $this->plan->sheet->valveTrain;
        $draft->takes(12);
        match (true) {
            $train->hasCamInHead() => $draft->named($slab->name.' on, adjusters backed right off, drawn down a little at a time all round')
                ->because('Drawn down on a lobe, a rocker or its shaft bends.'),
            $this->scope->hasHydraulicRods() && ! $train->adjustableRods => $draft
                ->named($slab->name.' on, every rod in its cup, drawn down a quarter turn at a time all round')
                ->because('The lifters bleed down as it comes: hurried, a rod bends or a valve meets its piston.'),
            $train->adjustableRods && $this->scope->hasHydraulicRods() => $draft
                ->named($slab->name.' on, drawn down evenly, its rods at their shortest or still out')
                ->because('With no rod under load nothing is bent.'),
            count($slab->cylinders) > 1 => $draft
                ->named($slab->name.' on, adjusters backed right off, every rod watched, drawn down a little at a time all round')
                ->because('One of its valves stands open wherever the crank stands: drawn down at once, a rod bends.'),
            default => $draft->named($slab->name.' on, adjusters backed right off, both valves of its cylinder shut, drawn down evenly')
                ->because('Drawn down on an open valve, a rod bends.'),
        };
    }

    /** Whether it carries the cams of a head, and not rockers. */
    private function holdsCams(Slab $slab): bool
    {
        $train = $this->plan->sheet->valveTrain;

        return $train->hasCamInHead() && Stack::holdsCams($slab, $train);
    }

    /** Whether a chest closes over the cams, and not over the lifters. */
    private function closesOverCams(Slab $slab): bool
    {
        return in_array($slab, $this->scope->camChests(), true);
    }

    /** @return list<string|null> */
    private function asks(Slab $slab): array
    {
        $lashed = array_filter($this->plan->sheet->valveTrain->valves, fn ($valve): bool => $slab->serves($valve->cylinder)
            && $this->plan->knows('set.lash.'.$valve->id));
        $shared = $this->plan->sheet->stack->sharesWith($slab);
        $isEased = $shared !== null && ! $this->scope->opens($shared);
        $items = match (true) {
            $this->holdsCams($slab) => $this->asksOfCams(),
            $slab->kind->carriesRockers() => $this->asksOfRockers(),
            $slab->kind === SlabKind::SideCover => [
                'Shafts, springs and dowels behind it in their places', 'What it covers turns free by hand',
            ],
            $slab->kind === SlabKind::ExhaustValveCover => ['Exhaust valve moves freely and opens and closes fully by finger'],
            $slab->kind === SlabKind::CamChest => $this->closesOverCams($slab)
                ? ['Cam marks read together after two turns', 'End float felt, thrust shims on their own ends',
                    'Oil on every journal and lobe']
                : ['Every lifter in its own bore, oiled: it slides and turns by finger'],
            default => [
                match (true) {
                    $lashed !== [] => 'Every clearance read after two turns',
                    $this->plan->knows('decide.shims') => 'Every clearance read: inside, or accepted by name',
                    default => null,
                },
                $this->oilOver($slab),
                $slab->halfMoons ? 'Half-moon plugs in, their corners dressed with sealant' : null,
            ],
        };
        $linkageBehind = $this->plan->sheet->exhaustValve?->linkageBehind;

        return [
            ...$items,
            $linkageBehind === $slab->id && $this->plan->knows('on.exhaust-linkage')
                ? ucfirst($this->plan->sheet->exhaustValve->drivenBy->linkage()).' of the exhaust valve on, clipped, free of play' : null,
            ...$this->holdsCams($slab) || $slab->kind->carriesRockers() ? [] : [$this->asksOfSeal($slab)],
            $isEased ? ucfirst($shared->name).' was eased: its gasket has not moved and does not weep' : null,
            'Tools, ties, rags and locks out',
        ];
    }

    private function asksOfSeal(Slab $slab): string
    {
        return match ($this->plan->sheet->stack->sealOf($slab)) {
            Seal::Sealant => 'Both faces bare; a thin bead all round, clear of the oil ways',
            Seal::Bare => 'Both faces clean and dry',
            Seal::ORing => 'O-ring whole, in its groove, not twisted',
            default => 'Gasket whole and in its place all round',
        };
    }

    /** What is oiled for the first seconds under a top cover. */
    private function oilOver(Slab $slab): ?string
    {
        $train = $this->plan->sheet->valveTrain;
        $hasRockers = array_filter($train->valves, static fn ($valve): bool => $slab->serves($valve->cylinder)) !== [];

        return match (true) {
            ! $hasRockers => null,
            ! $train->hasCamInHead() => $train->gear === ValveGear::Pushrod ? 'Oil over rockers and rod ends' : null,
            $this->scope->isShimmed() => 'Oil over lobes and '.($train->adjustment === Adjustment::FingerAndShim ? 'fingers' : 'buckets'),
            default => 'Oil over lobes and rockers',
        };
    }

    /** @return list<string|null> what is asked before rockers close over what moves them */
    private function asksOfRockers(): array
    {
        $train = $this->plan->sheet->valveTrain;

        return match (true) {
            $train->hasCamInHead() => ['Rockers free on their shafts, each in its own place', 'Cam at its marks, lobes and journals oiled'],
            $train->adjustableRods => ['Rockers free on their shafts, each in its own place, oil ways clear'],
            default => ['Rods seated at both ends, inlet and exhaust in their own places; rockers free', 'Tube seals seen, top and bottom'],
        };
    }

    /** @return list<string> what is asked before cams and what runs on them close over the valves */
    private function asksOfCams(): array
    {
        $train = $this->plan->sheet->valveTrain;

        return [
            'Journals and caps clean, oil ways open, dowels in',
            $train->camsInWords() === 'cam' ? 'Cam lies in every journal, its mark where the sheet says'
                : 'Cams lie in every journal, their marks where the sheet says',
            match ($train->adjustment) {
                Adjustment::ShimUnderBucket => 'Buckets and shims oiled, each in its own place',
                Adjustment::FingerAndShim => 'Fingers and shims oiled, each in its own place',
                Adjustment::Hydraulic => 'Lifters and followers oiled, each in its own place',
                default => 'Rockers and shafts oiled, each in its own place',
            },
            ...$train->hasChain() ? ['Chain up and held, crank where the sheet says'] : [],
        ];
    }

    private function pull(Slab $slab): void
    {
        $over = $slab->pulledAfter;
        $stack = $this->plan->sheet->stack;
        $shared = $stack->sharesWith($slab);
        $besides = $this->besidesUnderOneHead($slab);
        $this->plan->step('pull.'.$slab->id, StepKind::Torque, $slab)
            ->named(ucfirst($this->plan->called($slab)).' '.($besides === [] ? '' : 'lined up by head or manifold, then ')
                .'torqued in its order, checked once round')
            ->because($besides === [] ? 'One bolt eases its neighbours: the check pass finds it.'
                : 'Barrels that stand askew under one head leak at its joint; the check pass finds what one bolt eased.')
            ->after('on.'.$slab->id, ...array_map(static fn (string $id): string => 'on.'.$id, $over), ...$shared === null
                ? [] : ['pull.'.$shared->id])
            ->after(...$besides)
            ->torquing(...array_column(array_filter($stack->slabs,
                fn (Slab $each): bool => $this->plan->sheet->stack->clampOf($each)?->id === $slab->id), 'id'))
            ->lostWith($slab, ...array_filter(array_map($stack->named(...), $over)))
            ->bySchool(in_array($slab->kind, [SlabKind::Cover, SlabKind::SideCover], true) ? 'cover_screws' : null)
            ->with('torque wrench')
            ->takes(8);
    }

    /** @return list<string> the other barrels under the head of one, that stand before any is drawn down */
    private function besidesUnderOneHead(Slab $slab): array
    {
        $stack = $this->plan->sheet->stack;
        $heads = $slab->kind !== SlabKind::Barrel ? [] : array_filter($stack->all(SlabKind::Head),
            static fn (Slab $head): bool => $stack->standsOn($head->id, $slab->id));
        $besides = [];
        foreach ($heads as $head) {
            foreach ($stack->all(SlabKind::Barrel) as $other) {
                if ($other->id !== $slab->id && $stack->standsOn($head->id, $other->id)) {
                    $besides[] = 'on.'.$other->id;
                }
            }
        }

        return $besides;
    }

    /** It goes on what lies under it, once that is pulled. */
    private function onWhatLiesUnder(Slab $slab): void
    {
        $later = ['on.'.$slab->id];
        foreach ($slab->on as $under) {
            $below = $this->plan->sheet->stack->named($under);
            // an exhaust valve cover may go on its barrel on the bench
            if ($below === null || $slab->kind === SlabKind::ExhaustValveCover) {
                continue;
            }
            $this->plan->puts('on.'.$under, ...$later);
            $isShared = array_filter($below->pulledAfter, fn (string $over): bool => $over === $slab->id
                || $this->plan->sheet->stack->standsOn($over, $slab->id)) !== [];
            if (! $isShared) {
                $this->plan->puts('pull.'.$under, ...$later);
            }
        }
    }
}
