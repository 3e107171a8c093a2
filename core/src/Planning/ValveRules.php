<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\StepKind;
use Moltrek\Core\Sheet\Valve;
use Moltrek\Core\Sheet\ValveGear;
use Moltrek\Core\Sheet\ValveSide;

/** Cams, lifters and rods in the case, shims, clearances, the decompressor. Source: shop practice. */
final readonly class ValveRules
{
    public static function write(PlanBuilder $plan): void
    {
        if ($plan->sheet->valveTrain->valves === []) {
            return;
        }
        $rules = new self($plan, $plan->scope);
        $rules->shims();
        $rules->chest();
        $rules->lifters();
        array_map($rules->rods(...), $plan->sheet->layout->cylinders);
        array_map($rules->hydraulicRods(...), $plan->sheet->layout->cylinders);
        $rules->decompressor();
        array_map($rules->lash(...), $plan->sheet->valveTrain->valves);
    }

    private function __construct(private PlanBuilder $plan, private Scope $scope)
    {
    }

    private function shims(): void
    {
        $gear = $this->plan->sheet->slabFor(SlabKind::ValveGear);
        if ($this->scope->shimsAreChosen() && ! $this->scope->fromPieces) {
            $this->plan->step('decide.shims', StepKind::Decide, $gear)
                ->named('Shims chosen for the whole engine: which moves where, which is bought')
                ->because('The cams come out once, for all of them.')
                ->after(...$this->plan->every('read.lash'), ...$this->plan->every('work.valves'))
                ->before(...array_merge(...array_map(static fn (Bank $bank): array => array_map(
                    static fn (Slab $cover): string => 'hold.'.$cover->id, $bank->plainCovers()), $this->scope->banks)))
                ->lostWith()
                ->takes(10);
        }
        foreach ($this->scope->banks as $bank) {
            if (! $this->scope->shimsAreOut($bank)) {
                continue;
            }
            $isChosen = $this->plan->knows('decide.shims');
            $this->plan->step('on.shims'.$bank->suffix, StepKind::Valves, $bank->holders[0] ?? $bank->head ?? $gear)
                ->named($isChosen ? 'Shims in by valve, each read with the micrometer as it goes in, printed side down'
                    : 'Shims in, each to its own valve, each read with the micrometer as it goes in, printed side down')
                ->because('A number printed on a shim is what it was.')
                ->after('decide.shims', 'off.shims'.$bank->suffix, 'off.cam'.$bank->suffix, ...StepName::toSlab('on', $bank->head))
                ->lostWith(...array_filter([$bank->head]))
                ->undoneBy(Act::ShimChanged)
                ->with('micrometer')
                ->takes(2 * count($bank->valves));
        }
    }

    /** Set back and in, by its kind: let go and seen to take up, or screwed to its slack and locked. */
    public static function tensioner(PlanBuilder $plan, string $id, ?Slab $on): StepDraft
    {
        $step = $plan->step($id, StepKind::Time, $on)->spends(PartKind::TensionerGasket)->undoneBy(Act::CamOut)->takes(8);

        return $plan->sheet->valveTrain->hasManualTensioner()
            ? $step->named('Tensioner in, screwed up until the chain has its slack, lock nut tightened while the screw is held')
                ->because('Too tight it wears the chain and its guides, too slack the chain jumps.')
            : $step->named('Tensioner set back, in, let go and seen to take up')
                ->because('One that did not let go lets the chain jump at the first start.')
                ->bySchool('tensioner');
    }

    private function chest(): void
    {
        if (! $this->scope->chestIsOpened()) {
            return;
        }
        $chests = $this->scope->camChests();
        $on = $chests[0] ?? null;
        $chain = $this->plan->sheet->valveTrain->hasChain();
        $closing = array_map(static fn (Slab $slab): string => 'hold.'.$slab->id, $chests);
        $this->plan->step('on.cam', StepKind::Fit, $on)
            ->named('Cams in, shims on their ends, journals and lobes oiled')
            ->because('End float is set by the shim at the end it came from.')
            ->after('off.cam', 'read.cam')
            ->lostWith($on)
            ->uses('assembly lube on lobes and journals')
            ->undoneBy(Act::CamOut)
            ->takes(12);
        $byTurning = $this->plan->sheet->valveTrain->boltByTurning;
        if ($chain) {
            $step = $this->plan->step('on.chain', StepKind::Time, $on)
                ->named('Chain over its wheels at the marks')
                ->because('A tooth is a great deal of crank.')
                ->after('on.cam')->lostWith($on)->undoneBy(Act::CamOut)->takes(8);
            if ($byTurning) {
                $step->owing('a bolt of the cam wheel', 'it comes within reach only when the crank is turned, the others are snug',
                    'turn.timing');
            }
            self::tensioner($this->plan, 'on.tensioner', $on)
                ->after('on.chain', 'off.tensioner', ...$byTurning ? [] : ['pull.wheel'])->before('time.cam')->lostWith($on);
        }
        if ($this->plan->sheet->valveTrain->boltedWheel) {
            $this->plan->step('pull.wheel', StepKind::Torque, $on)
                ->named('Cam wheel on its dowel, its bolts torqued and locked as the maker says')
                ->because('A wheel that works loose takes the timing with it.')
                ->after('on.cam', 'on.chain', ...$byTurning ? ['time.cam'] : [])
                ->before('turn.timing', ...$byTurning ? [] : ['time.cam'])
                ->lostWith($on)->undoneBy(Act::CamOut)
                ->with('torque wrench')
                ->takes(6);
        }
        $this->plan->step('time.cam', StepKind::Time, $on)
            ->turning()
            ->named($chain ? 'Cam and crank marks in line' : 'Gears meshed at their marks, crank, cam and what they drive')
            ->because('A tooth is a great deal of crank.')
            ->after('on.cam', 'on.chain')
            ->before(...$closing)
            ->lostWith($on)
            ->undoneBy(Act::CamOut, Act::OtherCases, Act::PistonMetValve)
            ->takes(8);
        $this->plan->step('turn.timing', StepKind::Time, $on)
            ->turning()
            ->named('Two full turns by hand, every mark read again while it can be seen')
            ->because('What stands right after two turns is right.')
            ->after('time.cam')
            ->before(...$closing)
            ->before(...array_merge(...array_map(static fn (Bank $bank): array => array_map(
                static fn (Slab $cover): string => 'hold.'.$cover->id,
                $bank->covers,
            ), $this->scope->banks)))
            ->lostWith($on)
            ->undoneBy(Act::CamOut, Act::OtherCases, Act::PistonMetValve)
            ->with($this->plan->crankTurner())
            ->caution($this->plan->turningCaution())
            ->takes(6);
    }

    private function lifters(): void
    {
        if (! $this->scope->liftersAreOut()) {
            return;
        }
        $covers = $this->scope->lifterCovers();
        $hydraulic = $this->plan->sheet->valveTrain->adjustment === Adjustment::Hydraulic;
        $this->plan->step('on.lifters', StepKind::Fit, $covers[0] ?? null)
            ->named(($hydraulic ? 'Lifters soaked, pumped down, ' : 'Lifters ')
                .'in by valve and cylinder, each turned and slid in its bore')
            ->because('A lifter that does not turn wears its lobe flat.')
            ->after('on.cam', 'off.lifters')
            ->before(...array_map(static fn (Slab $slab): string => 'hold.'.$slab->id, $covers))
            ->lostWith(...$covers)
            ->uses('assembly lube on the feet')
            ->takes(10);
    }

    private function rods(Cylinder $cylinder): void
    {
        if (! $this->scope->rodsAreOut($cylinder->id)) {
            return;
        }
        $bank = $this->scope->bankOf($cylinder->id);
        $boxes = $bank->boxesOf($cylinder->id);
        $box = $boxes[0] ?? null;
        $train = $this->plan->sheet->valveTrain;
        $isShared = array_intersect(array_column($boxes, 'id'), $bank->head->pulledAfter ?? []) !== [];
        $this->plan->step('on.rods.'.$cylinder->id, StepKind::Fit, $box ?? $bank->head, $cylinder)
            ->named($train->adjustableRods ? 'Rods in by valve, let in to their shortest; tubes with every seal, top and bottom, each seen'
                : 'Rods in by valve, right end up, seated in their lifters; tubes with every seal, top and bottom, each seen')
            ->because('Inlet and exhaust rods differ in length; a seal left out is an oil leak behind the barrel.')
            ->after('on.lifters', 'off.rods.'.$cylinder->id, 'off.trays'.$bank->suffix,
                ...StepName::toSlab($isShared ? 'on' : 'pull', $bank->head))
            ->after(...array_map(static fn (Slab $slab): string => 'pull.'.$slab->id, $this->scope->lifterCovers()))
            ->after(...array_map(static fn (Slab $slab): string => 'on.'.$slab->id, $this->scope->lifterCovers()))
            // let out before the cams are timed, they would forbid the turning that timing needs
            ->after(...$train->adjustableRods && $this->scope->hasHydraulicRods() ? ['turn.timing'] : [])
            ->before(...$train->adjustableRods ? [] : array_map(static fn (Slab $each): string => 'hold.'.$each->id, $boxes))
            ->lostWith(...$boxes, ...array_filter([$bank->head]), ...$this->scope->lifterCovers())
            ->spends(PartKind::TubeSeals)
            ->takes(15);
    }

    /** Rods on hydraulic lifters are set where they can be, and say by spinning that the lifters have bled down. */
    private function hydraulicRods(Cylinder $cylinder): void
    {
        $isOut = $this->scope->rodsAreOut($cylinder->id);
        if (! $this->scope->hasHydraulicRods() || (! $isOut && ! $this->scope->lashIsSet())) {
            return;
        }
        $bank = $this->scope->bankOf($cylinder->id);
        $boxes = $bank->boxesOf($cylinder->id);
        $train = $this->plan->sheet->valveTrain;
        $covers = array_filter($bank->plainCovers(), static fn (Slab $cover): bool => $cover->serves($cylinder->id));
        $step = $this->plan->step('set.rods.'.$cylinder->id, StepKind::Valves, $boxes[0] ?? $bank->head, $cylinder)
            ->after('on.rods.'.$cylinder->id, ...$this->scope->pullOfHead($bank, $bank->plainCovers()))
            ->after(...array_merge(...array_map(static fn (Slab $box): array => ['on.'.$box->id, 'pull.'.$box->id], $boxes), ...[[]]))
            ->before(...array_map(static fn (Slab $cover): string => 'hold.'.$cover->id, array_values($covers)))
            ->lostWith(...$boxes, ...array_filter([$bank->head]), ...$this->scope->lifterCovers())
            ->undoneBy(Act::CamOut, Act::HeadSlackened, ...$this->movedByHeight())
            ->freeing($cylinder->id)
            ->caution('Do not turn the engine until the rods spin.')
            ->takes($train->adjustableRods ? 15 : 10);
        if (! $train->adjustableRods) {
            $step->named('Bled down until each rod spins by finger')
                ->because('Turned before they have bled down, a valve meets a piston or a rod bends.');

            return;
        }
        $turns = $train->setting->turns === null ? 'by its turns' : 'by '.(float) round($train->setting->turns, 2).' turns';
        $set = "at top dead centre of compression, lifters low: each rod let out from no clearance $turns, locked, "
            .'bled down until it spins by finger';
        $step->named($isOut ? ucfirst($set) : "Tubes raised; $set; tubes down on their seals")
            ->because('The turns are the preload; turned before they have bled down, a valve meets a piston or a rod bends.')
            ->with('rod spanners', $this->plan->crankTurner());
    }

    private function decompressor(): void
    {
        $train = $this->plan->sheet->valveTrain;
        $exhaust = array_filter($train->valves, fn (Valve $valve): bool => $valve->side === ValveSide::Exhaust && $this->isSet($valve));
        if (! $train->decompressor || $exhaust === []) {
            return;
        }
        $this->plan->step('set.decompressor', StepKind::Valves, $this->plan->sheet->slabFor(SlabKind::ValveGear))
            ->named('Decompressor let back until it has slack, seen to work')
            ->because('One that holds the valve open makes every clearance read wrong.')
            ->after(...$this->plan->every('turn.timing'))
            ->before(...array_map(static fn (Valve $valve): string => 'set.lash.'.$valve->id, $exhaust))
            ->lostWith(...array_column($this->scope->banks, 'head'))
            ->undoneBy(Act::CamOut)
            ->takes(4);
    }

    private function isSet(Valve $valve): bool
    {
        if (! $this->scope->hasLash()) {
            return false;
        }
        $bank = $this->scope->bankOf($valve->cylinder);
        if ($this->scope->camsStay($bank)) {
            return false;
        }

        return $this->scope->lashIsSet() || $this->scope->camsAreOut($bank) || $this->scope->chestIsOpened()
            || $this->scope->opens($bank->head) || $this->scope->rodsAreOut($valve->cylinder);
    }

    /** @return list<Act> what changes the length that a rod has to bridge */
    private function movedByHeight(): array
    {
        return $this->plan->sheet->valveTrain->gear === ValveGear::Pushrod ? [Act::BaseGasketChanged, Act::HeadGasketChanged] : [];
    }

    private function lash(Valve $valve): void
    {
        if (! $this->isSet($valve)) {
            return;
        }
        $train = $this->plan->sheet->valveTrain;
        $bank = $this->scope->bankOf($valve->cylinder);
        $cylinder = $this->plan->sheet->cylinder($valve->cylinder);
        $ground = $train->adjustment === Adjustment::GroundStem;
        $carrying = array_filter([...$bank->holders, ...$bank->boxes], static fn (Slab $slab): bool => $slab->serves($valve->cylinder));
        $barrel = $this->plan->sheet->stack->slab(SlabKind::Barrel, $valve->cylinder);
        $on = $ground ? $barrel : $this->plan->sheet->slabFor(SlabKind::ValveGear, $valve->cylinder);
        $since = array_values(
            array_filter(['turn.timing'.$bank->suffix, 'turn.timing', ...StepName::toSlab('pull', $bank->head), 'on.rods.'.$valve->cylinder,
                'read.lash.'.$valve->id], $this->plan->knows(...)))[0] ?? null;
        $step = $this->plan->step('set.lash.'.$valve->id, StepKind::Valves, $on)
            ->at($valve->cylinder, $valve->id)
            ->after('read.lash.'.$valve->id, 'turn.timing'.$bank->suffix, 'turn.timing', 'on.rods.'.$valve->cylinder,
                'on.shims'.$bank->suffix,
                ...$ground ? [] : [...$this->scope->pullOfHead($bank, $bank->plainCovers()), ...StepName::toSlab('on', $bank->head)])
            ->after(...array_merge(
                ...array_map(static fn (Slab $slab): array => ['on.'.$slab->id, 'pull.'.$slab->id], array_values($carrying)), ...[[]]))
            ->reading(SpotsOf::place('valve_lash.'.$valve->cylinder.'.'.$valve->id), since: $since)
            ->lostWith($ground ? $barrel : $bank->head, ...$ground ? [] : $carrying)
            ->undoneBy(Act::CamOut, Act::ShimChanged, Act::HeadSlackened, Act::PistonMetValve, ...$this->movedByHeight())
            ->with('feeler leaves', $this->plan->crankTurner());
        $name = ucfirst($valve->name).($cylinder === null ? '' : $this->plan->of($cylinder));
        if ($ground) {
            $step->named($name.': stem ground a little and read, a little and read, on the base circle')
                ->because('A stem can be ground shorter, not longer; a seat that is lapped afterwards closes it again.')
                ->after('work.valves'.$bank->suffix, ...StepName::toSlab('turn', $barrel), ...StepName::toSlab('clean', $barrel))
                ->before(...StepName::toSlab('hold', $bank->head))
                ->caution('Eye protection: grinding.')->takes(20);

            return;
        }
        $step->named($name.($this->scope->isShimmed()
            ? ': clearance read on the base circle, cold' : ': clearance set on the base circle, lock tightened, read again'))
            ->because('Tight burns the valve, wide hammers it.')
            ->before(...array_map(static fn (Slab $cover): string => 'hold.'.$cover->id,
                array_filter($bank->plainCovers(), static fn (Slab $cover): bool => $cover->serves($valve->cylinder))))
            ->takes($this->scope->isShimmed() ? 3 : 4);
    }
}
