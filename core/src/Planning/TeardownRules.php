<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\CamEntry;
use Moltrek\Core\Sheet\Cooling;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\IgnitionSetBy;
use Moltrek\Core\Sheet\Joining;
use Moltrek\Core\Sheet\Seal;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\Stack;
use Moltrek\Core\Sheet\StepKind;
use Moltrek\Core\Sheet\ValveGear;

/** What is read as it came in, and taking apart from the top. Source: shop practice. */
final readonly class TeardownRules
{
    private const CLIP = 'Eye protection: a circlip can fly.';

    public static function write(PlanBuilder $plan): void
    {
        if ($plan->scope->fromPieces) {
            return;
        }
        $rules = new self($plan, $plan->scope);
        $rules->asFound();
        $rules->slabs();
        $rules->rodsAndLifters();
        array_map($rules->cams(...), $plan->scope->banks);
        $rules->chestCams();
        array_map($rules->shims(...), $plan->scope->banks);
        array_map($rules->trays(...), $plan->scope->banks);
        $rules->pistons();
        $rules->rotor();
    }

    private function __construct(private PlanBuilder $plan, private Scope $scope)
    {
    }

    private function asFound(): void
    {
        $spoils = array_map(static fn (Slab $slab): string => 'off.'.$slab->id, $this->scope->slabs());
        foreach ($this->scope->isReadAsFound() ? $this->plan->sheet->layout->cylinders : [] as $cylinder) {
            $this->plan->step('read.compression.'.$cylinder->id, StepKind::Test, $this->scope->bankOf($cylinder->id)->head, $cylinder)
                ->named('Cranking compression as it came in, throttle open, until the gauge rises no more')
                ->because('What came in is the before of what goes out.')
                ->reading(SpotsOf::place('cranking_compression.'.$cylinder->id), asFound: true)
                ->before('off.rotor', 'off.lifters', 'off.exhaust-linkage', ...$spoils)
                ->with('pressure gauge', 'plug spanner')
                ->caution('Ignition off, plugs earthed: fuel vapour and sparks.')
                ->takes(6);
        }
        $isLashRead = $this->scope->hasLash() && ($this->scope->isReadAsFound() || $this->scope->has(Errand::ValveClearance));
        foreach ($isLashRead ? $this->plan->sheet->valveTrain->valves : [] as $valve) {
            $bank = $this->scope->bankOf($valve->cylinder);
            $cylinder = $this->plan->sheet->cylinder($valve->cylinder);
            $covers = array_filter($bank->plainCovers(), static fn (Slab $cover): bool => $cover->serves($valve->cylinder));
            $this->plan->step('read.lash.'.$valve->id, StepKind::Measure,
                $this->plan->sheet->slabFor(SlabKind::ValveGear, $valve->cylinder))
                ->named(ucfirst($valve->name).($cylinder === null
                    ? '' : $this->plan->of($cylinder)).': clearance read as it came in, cold, on the base circle')
                ->because('A clearance that has closed up tells of a seat, one that has opened of a cam.')
                ->at($valve->cylinder, $valve->id)
                ->after(...array_map(static fn (Slab $cover): string => 'off.'.$cover->id, $covers))
                ->before('off.cam'.$bank->suffix, 'off.rods.'.$valve->cylinder, ...array_map(
                    static fn (Slab $slab): string => 'off.'.$slab->id,
                    [...$bank->holders, ...$bank->boxesOf($valve->cylinder)],
                ))
                ->before(...$this->spoiltInTheCase($valve->cylinder))
                ->reading(SpotsOf::place('valve_lash.'.$valve->cylinder.'.'.$valve->id), asFound: true)
                ->with('feeler leaves', $this->plan->crankTurner())
                ->takes(3);
        }
    }

    /** @return list<string> what moves the valve, where the cam lies in the case */
    private function spoiltInTheCase(string $cylinder): array
    {
        $train = $this->plan->sheet->valveTrain;
        $block = $train->gear === ValveGear::Side ? $this->plan->sheet->stack->slab(SlabKind::Barrel, $cylinder) : null;

        return $train->hasCamInHead() ? [] : ['off.cam', 'off.lifters', ...($block === null ? [] : ['off.'.$block->id])];
    }

    private function slabs(): void
    {
        $isDrained = false;
        $slabs = array_reverse($this->scope->slabs());
        usort($slabs, static fn (Slab $one, Slab $other): int => $one->kind->isBeside() <=> $other->kind->isBeside());
        foreach ($slabs as $slab) {
            $drains = ! $isDrained && $this->plan->sheet->layout->cooling === Cooling::Liquid
                && in_array($slab->kind, [SlabKind::Head, SlabKind::Barrel], true);
            $isDrained = $isDrained || $drains;
            $this->plan->step('off.'.$slab->id, StepKind::TakeOff, $slab)
                ->named(($drains ? 'Coolant drained cold, plug and washer laid by; ' : '').($drains
                    ? $this->plan->called($slab) : ucfirst($this->plan->called($slab))).$this->how($slab))
                ->because(self::why($slab->kind))
                ->after(...array_map(static fn (Slab $over): string => 'off.'.$over->id, $this->plan->sheet->stack->directlyOn($slab->id)))
                ->lifting()
                ->at($slab->id)
                ->byTwo($slab->kind === SlabKind::Head && count($slab->cylinders) > 2)
                ->caution($this->caution($slab, $drains))
                ->takes(self::minutesOff($slab->kind) + ($drains ? 10 : 0));
        }
        foreach ($this->scope->banks as $bank) {
            foreach ($this->scope->marksBehind($bank) as $cover) {
                $this->plan->puts('off.'.$cover->id, 'off.marks'.$bank->suffix);
            }
        }
    }

    private function how(Slab $slab): string
    {
        $eased = ': fasteners eased a little at a time, crosswise, to the board';

        return match (true) {
            $slab->kind->isGasket() && $slab->seal === Seal::ORing => ' off, counted, kept to lay beside the new ones',
            $slab->kind->isGasket() && $this->plan->sheet->stack->sealOf($slab) === Seal::Bare => ' off, its way up marked: it goes back',
            $slab->kind->isGasket() => ' off, old gasket kept to lay beside the new one',
            $slab->kind === SlabKind::Head, $this->holdsCams($slab) => ' off'.$eased,
            $this->isOverRods($slab) => ' off: eased a turn at a time with the valves under it shut, fasteners to the board',
            $slab->kind === SlabKind::Barrel => match (true) {
                $this->plan->sheet->barrel->joining !== Joining::IntoBarrel => ' off'.$eased,
                $this->plan->sheet->piston->circlips => $eased.'; raised until the pins show, clips out, pins drawn, off with its pistons',
                default => $eased.'; raised until the pins show, pins drawn, off with its pistons',
            },
            default => ' off, fasteners to the board as they sat',
        };
    }

    private function holdsCams(Slab $slab): bool
    {
        return $this->plan->sheet->valveTrain->hasCamInHead() && Stack::holdsCams($slab, $this->plan->sheet->valveTrain);
    }

    private function isOverRods(Slab $slab): bool
    {
        return $slab->kind->carriesRockers() && ! $this->plan->sheet->valveTrain->hasCamInHead();
    }

    private static function why(SlabKind $kind): string
    {
        return match (true) {
            $kind->isGasket() => 'Its prints show where it leaked, and which way up it lay.',
            $kind === SlabKind::Head, $kind === SlabKind::CamHolder => 'Let go all at once on one side, it bends.',
            $kind === SlabKind::RockerBox => 'Let go against an open valve, a shaft or a rod bends.',
            $kind === SlabKind::Barrel => 'Drawn straight up; one that hangs is tapped round with wood, never levered.',
            default => 'From the top down, every fastener back to the hole it came from.',
        };
    }

    private function caution(Slab $slab, bool $drains): ?string
    {
        $barrel = $slab->kind !== SlabKind::Barrel ? null : match ($this->plan->sheet->barrel->joining) {
            Joining::Lowered => 'Support each piston as it comes free: it falls against the cases. Mouth covered at once.',
            Joining::IntoBarrel => $this->plan->sheet->piston->circlips ? self::CLIP : null,
            Joining::UpperCase => $this->scope->capsAreOff() ? null : 'Hold the rods as the case lifts: they fall against the mouths.',
        };

        return trim(($drains ? 'Only when cold: hot coolant scalds. ' : '').$barrel) ?: null;
    }

    private static function minutesOff(SlabKind $kind): int
    {
        return match ($kind) {
            SlabKind::Head, SlabKind::Barrel, SlabKind::CamChest, SlabKind::CamHolder => 20,
            SlabKind::ValveGear, SlabKind::RockerBox, SlabKind::Cover, SlabKind::SideCover => 15,
            SlabKind::ExhaustValveCover => 8,
            SlabKind::BaseGasket, SlabKind::HeadGasket, SlabKind::Case => 5,
        };
    }

    private function rodsAndLifters(): void
    {
        foreach ($this->plan->sheet->layout->cylinders as $cylinder) {
            if (! $this->scope->rodsAreOut($cylinder->id)) {
                continue;
            }
            $bank = $this->scope->bankOf($cylinder->id);
            $boxes = $bank->boxesOf($cylinder->id);
            $over = array_filter($bank->covers, static fn (Slab $cover): bool => $cover->serves($cylinder->id));
            $this->plan->step('off.rods.'.$cylinder->id, StepKind::TakeOff, $boxes[0] ?? $bank->head, $cylinder)
                ->named('Pushrods and tubes out, each rod tagged by valve and end')
                ->because('Inlet and exhaust rods differ, and an end has worn to its own cup.')
                ->after(...array_map(static fn (Slab $slab): string => 'off.'.$slab->id, [...$boxes, ...array_values($over)]))
                ->before(...($bank->head === null ? [] : ['off.'.$bank->head->id]),
                    ...array_map(static fn (Slab $slab): string => 'off.'.$slab->id, $this->scope->lifterCovers()))
                ->before('off.lifters')
                ->openingWith(...$boxes, ...array_filter([$bank->head]))
                ->takes(6);
        }
        if ($this->scope->liftersAreOut()) {
            $over = array_column($this->scope->lifterCovers(), 'id');
            $this->plan->step('off.lifters', StepKind::TakeOff, $this->scope->lifterCovers()[0] ?? null)
                ->named('Lifters out, stood upright in their slots by valve and cylinder')
                ->because('A lifter and its lobe have worn to each other.')
                ->after(...array_map(static fn (string $slab): string => 'off.'.$slab, $over))
                ->after(...$this->inTheWayOfLifters())
                ->before('off.cam')
                ->openingWith(...$this->scope->lifterCovers())
                ->takes(8);
        }
    }

    /** @return list<string> what comes off before the lifters can come out, where no cover of their own does */
    private function inTheWayOfLifters(): array
    {
        $off = [];
        foreach ($this->plan->sheet->work->plan->access as $access) {
            $then = StepName::of($access->then);
            if ($access->first === 'on.lifters' && $then->is('on')) {
                $off[] = $then->with('off');
            }
        }

        return $off;
    }

    private function cams(Bank $bank): void
    {
        if (! $this->scope->camsAreOut($bank) && ! $this->scope->marksWereSeen($bank)) {
            return;
        }
        $train = $this->plan->sheet->valveTrain;
        $over = array_values(array_filter([...$bank->holders, ...$bank->boxes], static fn (Slab $slab): bool => $slab->id !== 'cam'));
        $on = $bank->holders[0] ?? $bank->head;
        $opening = [...$bank->holders, ...array_filter([$bank->head])];
        $offHolders = array_map(static fn (Slab $slab): string => 'off.'.$slab->id, $bank->holders);
        $offHead = $bank->head === null ? [] : ['off.'.$bank->head->id];
        $this->plan->step('off.marks'.$bank->suffix, StepKind::TakeOff, $on)
            ->named('Crank to top dead centre of compression, cam marks seen and photographed')
            ->because('The way it stood is the only proof of how it was timed.')
            ->before('off.tensioner'.$bank->suffix, 'off.cam'.$bank->suffix, ...$offHolders, ...$offHead)
            ->openingWith(...$opening)
            ->turning()
            ->with($this->plan->crankTurner())
            ->caution($this->plan->turningCaution())
            ->takes(6);
        if (! $this->scope->camsAreOut($bank)) {
            return;
        }
        if ($train->hasChain()) {
            $this->tensioner('off.tensioner'.$bank->suffix, $on)
                ->after('off.marks'.$bank->suffix)
                ->before('off.cam'.$bank->suffix, ...$offHolders)->before(...$offHead)
                ->openingWith(...$opening);
        }
        $this->plan->step('off.cam'.$bank->suffix, StepKind::TakeOff, $on)
            ->named(match ($train->camEntry) {
                CamEntry::StaysInHead => $train->hasChain() ? 'Cam wheel off, chain tied up; the cam stays in its head'
                    : 'Gears marked where they mesh, cam wheel off; the cam stays in its head',
                CamEntry::Caps => ($train->hasChain() ? 'Chain let go and tied up, ' : 'Gears marked where they mesh, ')
                    .'caps eased a turn at a time and kept by their numbers, '.$train->camsInWords().' out',
                default => $train->hasChain() ? 'Chain let go and tied up, '.$train->camsInWords().' drawn out of the head'
                    : 'Gears marked where they mesh, '.$train->camsInWords().' drawn out of the head',
            })
            ->because($train->hasChain() ? 'A chain that drops is fished for with the cases open.' : 'A tooth out, and nothing is timed.')
            ->after(...array_map(static fn (Slab $slab): string => 'off.'.$slab->id, $over))
            ->before('off.shims'.$bank->suffix, ...$offHead)
            ->openingWith(...$opening)
            ->takes(10);
    }

    private function shims(Bank $bank): void
    {
        if (! $this->scope->shimsAreOut($bank)) {
            return;
        }
        $this->plan->step('off.shims'.$bank->suffix, StepKind::TakeOff, $bank->holders[0] ?? $bank->head)
            ->named($this->plan->sheet->valveTrain->adjustment === Adjustment::ShimUnderBucket
                ? 'Buckets and shims out with a magnet, to their slots by valve' : 'Fingers and shims out, to their slots by valve')
            ->because('A head that is lifted or turned over drops them, and a shim in another’s place is another clearance.')
            ->before(...$bank->head === null ? [] : ['off.'.$bank->head->id])
            ->openingWith(...[...$bank->holders, ...array_filter([$bank->head])])
            ->with('magnet', 'slots by valve and cylinder')
            ->takes(8);
    }

    /** Let back and out, by its kind. */
    private function tensioner(string $id, ?Slab $on): StepDraft
    {
        $step = $this->plan->step($id, StepKind::TakeOff, $on)->takes(6);

        return $this->plan->sheet->valveTrain->hasManualTensioner()
            ? $step->named('Tensioner’s lock nut eased, its screw backed right out, its length out noted')
                ->because('Screwed in, it holds the chain against the cam; its length tells how long the chain has grown.')
            : $step->named('Tensioner let back and out, its plunger not touched until it is read')
                ->because('It jumps out when the cam lets go of the chain, and its reach tells how long the chain has grown.')
                ->bySchool('tensioner')
                ->caution('Eye protection: the spring is loaded.');
    }

    private function chestCams(): void
    {
        if (! $this->scope->chestIsOpened()) {
            return;
        }
        $chests = $this->scope->camChests();
        $this->plan->step('off.marks', StepKind::TakeOff, $chests[0] ?? null)
            ->named('Crank turned until the cam marks meet, seen and photographed')
            ->because('The way it stood is the only proof of how it was timed.')
            ->after(...array_map(static fn (Slab $slab): string => 'off.'.$slab->id, $chests))
            ->before('off.cam')
            ->turning()
            ->with($this->plan->crankTurner())
            ->caution($this->plan->turningCaution())
            ->takes(6);
        if ($this->plan->sheet->valveTrain->hasChain()) {
            $this->tensioner('off.tensioner', $chests[0] ?? null)->after('off.marks')->before('off.cam');
        }
        $this->plan->step('off.cam', StepKind::TakeOff, $chests[0] ?? null)
            ->named('Cams out of the chest, thrust shims kept with their ends')
            ->because('A shim on the wrong end is end float in the wrong place.')
            ->after('off.marks', ...array_map(static fn (Slab $slab): string => 'off.'.$slab->id, $chests))
            ->takes(12);
    }

    private function trays(Bank $bank): void
    {
        $train = $this->plan->sheet->valveTrain;
        $sources = ['off.cam'.$bank->suffix,
            ...array_map(static fn (Slab $slab): string => 'off.'.$slab->id, [...$bank->boxes, ...$bank->holders])];
        foreach ($bank->cylinders as $cylinder) {
            $sources[] = 'off.rods.'.$cylinder->id;
        }
        $sources = array_filter($sources, $this->plan->knows(...));
        // with shims they are a step of their own
        if ($train->valves === [] || $sources === [] || $this->scope->isShimmed()) {
            return;
        }
        $isOnLifters = $train->hasCamInHead() && $train->adjustment === Adjustment::Hydraulic;
        $this->plan->step('off.trays'.$bank->suffix, StepKind::TakeOff, $bank->boxes[0] ?? $bank->holders[0] ?? $bank->head)
            ->named(match (true) {
                $isOnLifters => 'Lifters and followers to their slots, by valve, upright',
                $train->hasCamInHead() => 'Rockers, shafts and caps to their slots, by valve',
                default => 'Rockers and rods to their slots, by valve and cylinder',
            })
            ->because('What has run together stays together.')
            ->after(...$sources)
            ->openingWith(...[...$bank->boxes, ...$bank->holders, ...array_filter([$bank->head])])
            ->with('slots by valve and cylinder')
            ->takes(8);
    }

    private function pistons(): void
    {
        foreach ($this->plan->sheet->layout->cylinders as $cylinder) {
            if (! $this->scope->boresAreRead() || ! $this->scope->opensBarrelOf($cylinder->id)) {
                continue;
            }
            $barrel = $this->plan->sheet->stack->slab(SlabKind::Barrel, $cylinder->id);
            $off = $barrel === null ? [] : ['off.'.$barrel->id];
            if ($this->scope->isUpperCase()) {
                $this->pistonFromAbove($cylinder, $barrel, $off);

                continue;
            }
            $this->plan->step('off.piston.'.$cylinder->id, StepKind::TakeOff, $barrel, $cylinder)
                ->named($this->nameOff())
                ->because('A piston goes back to its own bore, the same way round.')
                ->after(...$off)
                ->caution($this->plan->sheet->piston->circlips ? self::CLIP : null)
                ->takes(5);
        }
    }

    /**
     * Out of an upper case before it is parted: the rod felt while its piston guides it, the cap off from below, the piston up.
     *
     * @param  list<string>  $offCase
     */
    private function pistonFromAbove(Cylinder $cylinder, ?Slab $barrel, array $offCase): void
    {
        $id = $cylinder->id;
        $offHead = array_map(static fn (Slab $head): string => 'off.'.$head->id, $this->plan->sheet->stack->all(SlabKind::Head, $id));
        if ($this->scope->capsAreOff()) {
            $this->plan->step('off.rod-cap.'.$id, StepKind::TakeOff, null, $cylinder)
                ->named('Rod cap off from below, sump off, kept on its own bolts; marks and shells seen')
                ->because('A cap fits one rod, one way; shells go back where they ran.')
                ->after('look.rod.'.$id, ...$offHead)
                ->before('off.piston.'.$id)
                ->caution('The other rods’ caps stay on while the crank is turned for this one.')
                ->takes(6);
        }
        $this->plan->step('off.piston.'.$id, StepKind::TakeOff, $barrel, $cylinder)
            ->named('Ridge and carbon off the top of the bore, piston pushed up and out with its rod, numbered inside the skirt')
            ->because('A piston goes back to its own bore, the same way round; a ridge breaks its rings on the way out.')
            ->after('look.rod.'.$id, ...$offHead)
            ->before(...$offCase)
            ->with('wooden rod', 'sleeves over the rod bolts')
            ->takes(8);
    }

    private function nameOff(): string
    {
        return match ($this->plan->sheet->barrel->joining) {
            Joining::IntoBarrel => 'Piston pushed down out of its bore on the bench, numbered inside the skirt',
            default => $this->plan->sheet->piston->circlips
                ? 'Mouth covered, clip and pin out by hand, piston off its rod, numbered inside the skirt'
                : 'Mouth covered, pin pressed out with the rod held, piston off, numbered inside the skirt',
        };
    }

    private function rotor(): void
    {
        if ($this->scope->has(Errand::TopEnd, Errand::Ignition) && $this->plan->sheet->ignition->setBy === IgnitionSetBy::Plate) {
            $behind = $this->plan->sheet->stack->named($this->plan->sheet->ignition->behind ?? '');
            $this->plan->step('off.rotor', StepKind::TakeOff, $behind)
                ->named('Rotor held, nut off, rotor drawn with its own puller, key kept')
                ->because('A rotor that is struck loses its magnets, and the crank its truth.')
                ->after('read.ignition', ...($behind === null ? [] : ['off.'.$behind->id]))
                ->with('rotor holder', 'rotor puller')
                ->takes(10);
        }
    }
}
