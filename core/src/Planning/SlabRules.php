<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\Seal;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\StepKind;

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
        $stack = $this->plan->sheet->stack;
        $this->studs($slab);
        if (! in_array($slab->kind, [SlabKind::Barrel, SlabKind::Head], true) && ! $slab->kind->isGasket()) {
            $this->close($slab);
        }
        if ($slab->kind !== SlabKind::Head && $stack->isPulled($slab)) {
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

    private function studs(Slab $slab): void
    {
        $studs = array_filter($this->plan->sheet->stack->fastenersOf($slab->id), static fn ($fastener): bool => $fastener->kind === 'stud');
        if ($studs === []) {
            return;
        }
        $this->plan->step('on.studs.'.$slab->id, StepKind::Fit, $slab)
            ->named('Studs of '.lcfirst($slab->name).' seen: straight, seated, drawn ones run in with two nuts, the right end down')
            ->because('A stud that has drawn its thread lets the joint weep.')
            ->after('off.'.$slab->id)
            ->before('on.'.$slab->id)
            ->lostWith()
            ->takes(2 + 2 * count($studs));
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
        match ($slab->kind) {
            SlabKind::Cover, SlabKind::SideCover,
            SlabKind::ExhaustValveCover => $draft->named($slab->name.' on, seal in its groove, drawn down evenly')
                ->because('A cover that goes tight is taken off and looked at.')->bySchool('cover_gasket')->spends(PartKind::CoverGasket)
                ->takes(10),
            SlabKind::CamHolder => $draft->named($slab->name.' on its dowels, caps by their numbers, drawn down a turn at a time')
                ->because('Drawn down on one side, a cap cracks.')->uses('assembly lube on the journals')->takes(12),
            SlabKind::CamChest => $draft->named($slab->name.' on, new gasket, shafts guided into their bores')
                ->because('A cover that does not go home by hand has a shaft out of its bore.')->spends(PartKind::CoverGasket)->takes(12),
            SlabKind::ValveGear => $this->holdsCams($slab)
                ? $draft->named($slab->name.' on its dowels, caps by their numbers, drawn down a turn at a time from the middle')
                    ->because('Drawn down on one side, a cap cracks.')->uses('assembly lube on the journals')->takes(12)
                : $this->rockersOn($draft, $slab),
            default => $this->rockersOn($draft, $slab),
        };
    }

    private function rockersOn(StepDraft $draft, Slab $slab): void
    {
        $draft->named($slab->name.' on, rockers eased, drawn down evenly with the valves of its cylinder shut')
            ->because('Drawn down on an open valve, a rod bends.')->takes(12);
    }

    /** Whether it carries the cams of a head, and not rockers over pushrods. */
    private function holdsCams(Slab $slab): bool
    {
        return $slab->kind === SlabKind::ValveGear && $this->plan->sheet->valveTrain->hasCamInHead();
    }

    /** @return list<string|null> */
    private function asks(Slab $slab): array
    {
        $lashed = array_filter($this->plan->sheet->valveTrain->valves, fn ($valve): bool => $slab->serves($valve->cylinder)
            && $this->plan->knows('set.lash.'.$valve->id));
        $shared = $this->plan->sheet->stack->sharesWith($slab);
        $isEased = $shared !== null && ! $this->scope->opens($shared);
        $items = match ($slab->kind) {
            SlabKind::Cover => [
                $lashed === [] ? null : 'Every clearance read after two turns',
                match (true) {
                    ! $this->plan->sheet->valveTrain->hasCamInHead() => 'Oil over rockers and rod ends',
                    $this->plan->sheet->valveTrain->adjustment === Adjustment::ShimUnderBucket => 'Oil over lobes and buckets',
                    default => 'Oil over lobes and rockers',
                },
                $slab->halfMoons ? 'Half-moon plugs in, their corners dressed with sealant' : null,
                match ($slab->seal) {
                    Seal::Sealant => 'A thin bead all round, clear of the oil ways',
                    Seal::Bare => 'Both faces clean and dry',
                    default => 'Seal whole and in its place all round',
                },
            ],
            SlabKind::SideCover => ['Shafts, springs and dowels behind it in their places', 'What it covers turns free by hand'],
            SlabKind::ExhaustValveCover => ['Linkage clipped, valve opens and closes fully'],
            SlabKind::CamChest => ['Marks read together', 'End float felt, thrust shims in', 'Oil on every journal'],
            SlabKind::CamHolder => ['Cams lie in every journal, marks where they belong', 'Dowels in, oil ways seen open'],
            default => $this->holdsCams($slab) ? $this->asksOfCams()
                : ['Rods seated at both ends, rockers in their own places', 'Tube seals seen, top and bottom'],
        };

        return [
            ...$items,
            $isEased ? ucfirst($shared->name).' was eased: its gasket has not moved and does not weep' : null,
            'Tools, ties, rags and locks out',
        ];
    }

    /** @return list<string> what is asked before cams and what runs on them close over the valves */
    private function asksOfCams(): array
    {
        $train = $this->plan->sheet->valveTrain;

        return [
            'Journals and caps clean, oil ways open',
            match ($train->adjustment) {
                Adjustment::ShimUnderBucket => 'Buckets and shims oiled, each in its own place',
                Adjustment::FingerAndShim => 'Fingers and shims oiled, each in its own place',
                default => 'Rockers and shafts oiled, each in its own place',
            },
            ...$train->hasChain() ? ['Chain up and held, crank where the sheet says'] : [],
        ];
    }

    private function pull(Slab $slab): void
    {
        $over = $slab->pulledAfter;
        $shared = $this->plan->sheet->stack->sharesWith($slab);
        $this->plan->step('pull.'.$slab->id, StepKind::Torque, $slab)
            ->named(ucfirst($this->plan->called($slab)).' torqued in its order, checked once round')
            ->because('One bolt eases its neighbours: the check pass finds it.')
            ->after('on.'.$slab->id, ...array_map(static fn (string $id): string => 'on.'.$id, $over), ...$shared === null
                ? [] : ['pull.'.$shared->id])
            ->torquing(...array_column(array_filter($this->plan->sheet->stack->slabs,
                fn (Slab $each): bool => $this->plan->sheet->stack->clampOf($each)?->id === $slab->id), 'id'))
            ->lostWith($slab, ...array_filter(array_map($this->plan->sheet->stack->named(...), $over)))
            ->bySchool(in_array($slab->kind, [SlabKind::Cover, SlabKind::SideCover], true) ? 'cover_screws' : null)
            ->with('torque wrench')
            ->takes(8);
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
