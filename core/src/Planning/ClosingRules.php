<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\Cooling;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\FluidKind;
use Moltrek\Core\Sheet\IgnitionSetBy;
use Moltrek\Core\Sheet\Lubrication;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\StepKind;

/** Exhaust valve covers, ignition, fluids, tests, the first start and after it. Source: shop practice. */
final readonly class ClosingRules
{
    public static function write(PlanBuilder $plan): void
    {
        $rules = new self($plan, $plan->scope);
        $rules->ignition();
        $rules->oil();
        $rules->coolant();
        PlugRules::write($plan);
        $rules->start();
    }

    private function __construct(private PlanBuilder $plan, private Scope $scope)
    {
    }

    private function ignition(): void
    {
        $ignition = $this->plan->sheet->ignition;
        if ($ignition->setBy === IgnitionSetBy::Nothing || ! $this->scope->has(Errand::TopEnd, Errand::Ignition)) {
            return;
        }
        $behind = $this->plan->sheet->stack->named($ignition->behind ?? '');
        $opened = $behind === null ? [] : ['off.'.$behind->id];
        $heads = array_map(static fn (Slab $head): string => 'pull.'.$head->id, $this->plan->sheet->stack->all(SlabKind::Head));
        $isPlate = $ignition->setBy === IgnitionSetBy::Plate;
        if (! $this->scope->fromPieces) {
            $this->plan->step('read.ignition', StepKind::Time, $behind)
                ->turning()
                ->named('Ignition point read as it stands, approached from the running side')
                ->because('What is set needs a before; always from one side, so that play does not count.')
                ->after(...$opened, ...$heads)
                ->lostWith()
                ->with('dial', $this->plan->crankTurner())
                ->takes(10);
        }
        $this->plan->step('set.ignition', StepKind::Time, $behind)
            ->named(match (true) {
                $this->scope->fromPieces && $isPlate => 'Plate on its mark, screws snug: what it reads there is read next',
                $this->scope->fromPieces => 'Pick-up on its mark, gap read, screws locked: the point is read next',
                $isPlate => 'Plate turned by what was read, against the rotation to fire earlier, with it to fire later; screws locked',
                default => 'Pick-up moved by what was read, gap read, screws locked',
            })
            ->because('Early burns a piston, late an exhaust.')
            ->after('read.ignition', 'off.rotor', ...$opened, ...$heads)
            ->lostWith()
            ->undoneBy(Act::OtherCases)
            ->takes(10);
        if ($isPlate) {
            $this->plan->step('on.rotor', StepKind::Fit, $behind)
                ->named('Tapers dry and clean, key in, rotor on, magnets free of metal')
                ->because('Oil on a taper lets the rotor turn on its key.')
                ->after('set.ignition', 'off.rotor')
                ->lostWith()
                ->undoneBy(Act::RotorOff)
                ->takes(5);
            $this->plan->step('pull.rotor', StepKind::Torque, $behind)
                ->named('Rotor held by its holder, nut torqued')
                ->because('The taper carries, and only when it is drawn up.')
                ->after('on.rotor')
                ->lostWith()
                ->undoneBy(Act::RotorOff)
                ->with('rotor holder', 'torque wrench')
                ->takes(4);
        }
        $this->plan->step('time.ignition', StepKind::Time, $behind)
            ->turning()
            ->named('Ignition point read again inside its tolerance; if not, set, refitted and read once more')
            ->because('The plate moves as its screws are drawn up.')
            ->after('set.ignition', 'pull.rotor', ...$opened, ...$heads)
            ->before(...$behind === null ? [] : ['hold.'.$behind->id])
            ->lostWith()
            ->undoneBy(Act::RotorOff, Act::OtherCases)
            ->with('dial', 'timing light')
            ->takes(10);
    }

    private function oil(): void
    {
        $by = $this->plan->sheet->lubricating->by;
        $opened = $this->scope->slabs(SlabKind::Barrel, SlabKind::Head, SlabKind::CamChest);
        if ($by === Lubrication::Fuel) {
            $this->gearOil();

            return;
        }
        if ($opened === []) {
            return;
        }
        $seen = array_map(static fn (Slab $slab): string => 'hold.'.$slab->id, $this->scope->oilSeenUnder());
        $behind = $this->plan->waitingFor(...$seen);
        // splash engines have no pump, and no filter for it to press oil through
        $hasFilter = $by === Lubrication::Pressure;
        $closed = array_filter([...$this->plan->every('on'), ...$this->plan->every('pull')],
            static fn (string $step): bool => ! isset($behind[$step]));
        $this->plan->step('fill.oil', StepKind::Fill, null)
            ->named('Oil in'.$this->amountOf(FluidKind::Oil).($hasFilter ? ', filter in, level read' : ', level read'))
            ->because('An engine started dry is an engine rebuilt twice.')
            ->after(...$closed)
            ->lostWith(...$this->scope->slabs(SlabKind::Barrel, SlabKind::CamChest))
            ->spends(...$hasFilter ? [PartKind::OilFilter] : [])
            ->takes(10);
        if ($by === Lubrication::Splash) {
            return;
        }
        $turned = array_filter([...$this->plan->every('turn'), ...$this->plan->every('set.rods')],
            static fn (string $step): bool => ! isset($behind[$step]));
        $this->plan->step('fill.prime', StepKind::Fill, null)
            ->turning()
            ->named('Turned with the '.($this->plan->sheet->layout->hasSeveral() ? 'plugs' : 'plug').' out until oil is seen '
                .($this->plan->sheet->lubricating->seenAtUnion
                ? 'at the union' : 'at the top'))
            ->because('Oil must be there before the first fire.')
            ->after('fill.oil', ...$turned)
            ->before(...$seen)
            ->lostWith(...$opened)
            ->caution('Plugs earthed: fuel vapour and sparks.')
            ->takes(8);
    }

    /** ", 2.4 L of 20W-50": what the sheet states of a fluid. */
    private function amountOf(FluidKind $kind): string
    {
        $fluid = $this->plan->sheet->fluids->of($kind);

        return $fluid === null ? '' : ', '.$fluid->inWords();
    }

    private function heats(): string
    {
        $cycles = $this->plan->sheet->runIn->heatCycles;

        return $cycles === 1 ? 'Warmed through once, then left to cool right down'
            : 'Warmed through '.$cycles.' times, each time left to cool right down';
    }

    private function gearOil(): void
    {
        if (! $this->scope->fromPieces) {
            return;
        }
        $this->plan->step('fill.gear-oil', StepKind::Fill, null)
            ->named('Gear oil in'.$this->amountOf(FluidKind::GearOil).', level read at its plug')
            ->because('The gearbox of a two-stroke has its own oil.')
            ->after(...array_merge(
                ...array_map(static fn (Slab $slab): array => ['on.'.$slab->id, 'pull.'.$slab->id],
                    $this->scope->slabs(SlabKind::SideCover)), ...[[]]))
            ->lostWith(...$this->scope->slabs(SlabKind::SideCover))
            ->takes(5);
    }

    private function coolant(): void
    {
        $opened = $this->scope->slabs(SlabKind::Barrel, SlabKind::Head);
        if ($this->plan->sheet->layout->cooling !== Cooling::Liquid || $opened === []) {
            return;
        }
        $this->plan->step('fill.coolant', StepKind::Fill, $opened[count($opened) - 1])
            ->named('Drain plug in with its washer; coolant in'.$this->amountOf(FluidKind::Coolant).', bled')
            ->because('Air at the top of the head is a hot spot.')
            ->after(...array_merge(...array_map(static fn (Slab $slab): array => ['on.'.$slab->id, 'pull.'.$slab->id], $opened)))
            ->lostWith(...$opened)
            ->takes(10);
    }

    private function start(): void
    {
        $all = array_merge(...array_map($this->plan->every(...),
            ['on', 'pull', 'turn', 'set', 'time', 'fill', 'read', 'work', 'decide', 'order', 'look', 'clean', 'off']));
        $plugs = $this->plan->every('on.plug');
        $ons = $this->plan->every('on');
        if ($ons === []) {
            return;
        }
        $sheet = $this->plan->sheet;
        $opened = $this->scope->slabs(SlabKind::Barrel, SlabKind::Head);
        $barrels = $this->scope->slabs(SlabKind::Barrel);
        $fourStroke = $sheet->layout->cycle === Cycle::FourStroke;
        $several = $sheet->layout->hasSeveral();
        $on = $sheet->stack->slab(SlabKind::Head) ?? $sheet->stack->slab(SlabKind::Barrel);
        $lost = $this->scope->slabs();
        if ($opened !== []) {
            $this->plan->step($fourStroke ? 'test.leak-down' : 'test.leak', StepKind::Test, $on)
                ->named(match (true) {
                    ! $fourStroke => 'Inlet and exhaust closed, cases and barrel hold pressure',
                    $several => 'Leak-down read on every cylinder, heard where it hisses',
                    default => 'Leak-down read at its top, heard where it hisses',
                })
                ->because('A leak found now costs minutes.')
                // pressure for a leak-down goes in through the plug's hole
                ->after(...$fourStroke ? array_diff($all, $plugs) : $all)
                ->before(...$fourStroke ? $plugs : [])
                ->lostWith(...$opened)
                ->caution($fourStroke ? 'Low pressure, with regulator and relief; the crank held, no spanner left on it.'
                    : 'Low pressure, with regulator and relief.')
                ->takes(12);
        }
        $this->plan->step('hold.start', StepKind::Hold, $on)
            ->named('Before the first start')
            ->because('What is forgotten now runs.')
            ->after('test.leak', 'test.leak-down', ...$all)
            ->asking([
                $sheet->lubricating->by === Lubrication::Fuel ? 'Oil in the fuel or in its tank' : 'Oil level read'
                    .$this->amountOf(FluidKind::Oil),
                $sheet->layout->cooling === Cooling::Liquid && $opened !== [] ? 'Coolant bled'.$this->amountOf(FluidKind::Coolant) : null,
                $this->plan->knows('on.exhaust-valve') && $sheet->exhaustValve?->isInHalves() === true
                    ? 'Left-hand nut at the gear of the exhaust valve at its torque' : null,
                $this->plan->knows('on.exhaust-linkage')
                    ? ucfirst((string) $sheet->exhaustValve?->drivenBy->linkage()).' of the exhaust valve on and secured' : null,
                $this->empty($several),
                ($several ? 'Plugs in, each at its torque, caps seated' : 'Plug in, at its torque, cap seated'),
                'Nothing owed its torque, nothing left in',
                'Throttle snaps shut, kill switch works',
                // behind all else: what was answered before keeps its place
                ...array_merge(...array_map(static fn (Mishap $mishap): array => $mishap->asks($sheet),
                    $this->plan->basis->mishaps), ...[[]]),
            ], nothingOwed: true)
            ->undoneBy(...Act::MISHAPS)
            ->byTwo()
            ->lostWith(...$lost)
            ->takes(3);
        $this->plan->step('start.first', StepKind::Start, $on)
            ->named('First start: sound, leaks, '.($sheet->lubricating->by === Lubrication::Pressure ? 'oil pressure' : 'smoke')
                .', then off')
            ->because('The first minute tells most.')
            ->behind('hold.start')
            ->lostWith(...$lost)
            ->caution('Ventilation, machine supported, hot parts.')
            ->takes(10);
        $this->runIn($on, $barrels, $lost);
    }

    /** Whatever the job was for: liquid over a piston bends its rod at the first turn. */
    private function empty(bool $several): string
    {
        $liquids = [
            ...$this->plan->sheet->lubricating->by === Lubrication::Fuel ? [] : ['oil'], 'fuel',
            ...$this->plan->sheet->layout->cooling === Cooling::Liquid ? ['coolant'] : [],
        ];
        $what = count($liquids) === 3 ? 'oil, fuel or coolant' : implode(' or ', $liquids);

        return $several ? "Turned over twice by hand with every plug out: nothing stops it, no cylinder holds $what"
            : "Turned over twice by hand with the plug out: nothing stops it, the cylinder holds no $what";
    }

    /**
     * @param  list<Slab>  $barrels
     * @param  list<Slab>  $lost
     */
    private function runIn(?Slab $on, array $barrels, array $lost): void
    {
        $isPulledAgain = $this->plan->sheet->runIn->headRecheck && array_filter($this->plan->sheet->stack->all(SlabKind::Head),
            fn (Slab $head): bool => $this->plan->knows('pull.'.$head->id)) !== [];
        if ($barrels !== [] || $isPulledAgain) {
            $this->plan->step('run.heat', StepKind::RunIn, $on)
                ->named($this->heats())
                ->because('Gaskets settle with the heat, and are cold again only after hours.')
                ->after('start.first')->lostWith(...$lost)
                ->caution('Hot parts.')
                ->takes(20);
        }
        if ($isPulledAgain) {
            $this->plan->step('run.recheck', StepKind::RunIn, $on)
                ->named('Stone cold: head checked again, one fastener at a time, in its order')
                ->because('What settled is taken up.')
                ->after('run.heat', 'start.first')->lostWith(...$lost)
                ->bySchool('head_bolts')
                ->with('torque wrench')
                ->takes(15);
        }
        if ($barrels !== [] && $this->scope->boresAreRead()) {
            $this->plan->step('run.sheet', StepKind::RunIn, $on)
                ->named('Run-in sheet made out and handed over')
                ->because('Hours with the throttle held back, and when it comes back for a look.')
                ->after('run.recheck', 'run.heat')->lostWith(...$lost)
                ->bySchool('running_in')
                ->takes(5);
        }
    }
}
