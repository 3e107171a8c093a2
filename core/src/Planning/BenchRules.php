<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Fitting\BoreJob;
use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\Lining;
use Moltrek\Core\Sheet\Lubrication;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\Stack;
use Moltrek\Core\Sheet\StepKind;
use Moltrek\Core\Sheet\ValveGear;

/** Cleaning, looking, measuring, deciding, ordering, and what is done to parts on the bench. Source: shop practice. */
final readonly class BenchRules
{
    /** @var list<Cylinder> whose bores are read */
    private array $cylinders;

    /** Whether all bores stand in one slab: what is decided of one waits for the others. */
    private bool $isOneSlab;

    public static function write(PlanBuilder $plan): void
    {
        $rules = new self($plan, $plan->scope);
        $rules->clean();
        $rules->look();
        array_map($rules->read(...), $rules->cylinders);
        $rules->pair();
        array_map($rules->readHead(...), $plan->scope->banks);
        $rules->readCams();
        $rules->crank();
        $rules->order();
        array_map($rules->workBore(...), $rules->cylinders);
        array_map($rules->valves(...), $plan->scope->banks);
        $rules->faces();
    }

    private function __construct(private PlanBuilder $plan, private Scope $scope)
    {
        $this->cylinders = $scope->boresAreRead() ? array_values(array_filter(
            $plan->sheet->layout->cylinders, static fn (Cylinder $cylinder): bool => $scope->opensBarrelOf($cylinder->id),
        )) : [];
        $this->isOneSlab = count($plan->sheet->stack->all(SlabKind::Barrel)) === 1;
    }

    private function barrelOf(Cylinder $cylinder): ?Slab
    {
        return $this->plan->sheet->stack->slab(SlabKind::Barrel, $cylinder->id);
    }

    private function clean(): void
    {
        $train = $this->plan->sheet->valveTrain;
        $isCast = static fn (Slab $slab): bool => $slab->kind === SlabKind::Barrel || $slab->kind === SlabKind::Head;
        $cleaned = array_filter($this->scope->slabs(), static fn (Slab $slab): bool => $isCast($slab)
            || ($train->hasCamInHead() && Stack::holdsCams($slab, $train)));
        foreach ($cleaned as $slab) {
            $draft = $this->plan->step('clean.'.$slab->id, StepKind::Clean, $slab)->after('off.'.$slab->id)->lostWith();
            match ($slab->kind) {
                SlabKind::Barrel => $draft->named(
                    ucfirst($this->plan->called($slab)).' clean, ports and ways free of carbon, top and foot bare')
                    ->because('Carbon left in a port goes through the rings.')
                    ->after('off.exhaust-valve', ...$this->pistonsInside($slab))
                    ->with('scraper softer than the face', 'solvent')->caution('Ventilation: solvent.')->takes(25),
                SlabKind::Head => $draft->named($slab->name.' clean, chamber and joint face bare')
                    ->because('A face is judged bare, and a seat without carbon.')
                    ->with('scraper softer than the face', 'solvent')->caution('Ventilation: solvent.')->takes(20),
                default => $draft->named($slab->name.' clean, oil ways blown through')
                    ->because('A cap with grit under it runs its journal dry.')
                    ->caution('Eye protection: compressed air.')->takes(10),
            };
        }
    }

    /** @return list<string> the pistons that come out of a barrel on the bench */
    private function pistonsInside(Slab $barrel): array
    {
        return $this->plan->sheet->barrel->joining->value === 'barrel lowered over the pistons' ? []
            : array_map(static fn (string $cylinder): string => 'off.piston.'.$cylinder, $barrel->cylinders);
    }

    private function look(): void
    {
        foreach ($this->cylinders as $cylinder) {
            $this->plan->step('look.rod.'.$cylinder->id, StepKind::Inspect, null, $cylinder)
                ->named('Rod pulled and pushed at top dead centre: no play up and down, no catch as the crank turns')
                ->because('A click here, and everything above it waits.')
                ->after(...$this->scope->isUpperCase() ? array_map(static fn (Slab $head): string => 'off.'.$head->id,
                    $this->plan->sheet->stack->all(SlabKind::Head, $cylinder->id)) : ['off.piston.'.$cylinder->id])
                ->lostWith()
                ->takes(3);
        }
        $barrels = $this->scope->slabs(SlabKind::Barrel);
        if ($this->cylinders !== [] && $this->plan->sheet->lubricating->by === Lubrication::Pressure) {
            $this->plan->step('look.jets', StepKind::Inspect, null)
                ->named('Oil jets and ways blown through and seen clear')
                ->because('A blocked jet is a seized piston.')
                ->after(...(count($barrels) === 1 ? ['off.'.$barrels[0]->id] : []))
                ->lostWith()
                ->caution('Eye protection: compressed air.')
                ->takes(8);
        }
    }

    private function read(Cylinder $cylinder): void
    {
        $barrel = $this->barrelOf($cylinder);
        $this->plan->step('read.bore.'.$cylinder->id, StepKind::Measure, $barrel, $cylinder)
            ->named('Piston, bore and rings measured, all at one temperature')
            ->because('The clearance decides between seizing and slapping; ten degrees on the piston is most of its range.')
            ->after('off.piston.'.$cylinder->id, ...($barrel === null ? [] : ['clean.'.$barrel->id]))
            ->lostWith()
            ->reading(SpotsOf::barrel($cylinder->id))
            ->with('micrometer', 'bore gauge', 'feeler leaves')
            ->takes(20);
        $this->plan->step('decide.bore.'.$cylinder->id, StepKind::Decide, $barrel, $cylinder)
            ->named('Bore decided: keep, new piston, hone, rebore, replate or replace')
            ->because('Before parts are ordered, by shape first, then by clearance with every size on offer.')
            ->after('read.bore.'.$cylinder->id)
            ->lostWith()
            ->deciding(Decision::Bore)
            ->takes(5);
    }

    private function pair(): void
    {
        if (count($this->cylinders) < 2) {
            return;
        }
        $this->plan->step('decide.pairs', StepKind::Decide, $this->plan->sheet->stack->slab(SlabKind::Barrel))
            ->named('Pistons paired with bores')
            ->because('The worst pair gets as much room as it can have.')
            ->after(...array_map(static fn (Cylinder $cylinder): string => 'decide.bore.'.$cylinder->id, $this->cylinders))
            ->lostWith()
            ->deciding(Decision::Pairs)
            ->undoneBy(Act::PistonChanged)
            ->takes(5);
    }

    private function readHead(Bank $bank): void
    {
        if (! $this->scope->headIsRead($bank) || $bank->head === null) {
            return;
        }
        $inHead = count($bank->valves);
        $this->plan->step('read.'.$bank->head->id, StepKind::Measure, $bank->head)
            ->named('Joint face'.($inHead > 0 ? ', guides, seats and springs' : '').' measured')
            ->because('A gasket follows no hollow.')
            ->after('clean.'.$bank->head->id)
            ->lostWith()
            ->reading(SpotsOf::head(array_column($bank->cylinders, 'id')))
            ->with('straight-edge', 'feeler leaves')
            ->takes(10 + 6 * $inHead);
    }

    private function readCams(): void
    {
        if (! $this->scope->camsAreRead() || $this->plan->sheet->valveTrain->valves === []) {
            return;
        }
        $inHead = $this->plan->sheet->valveTrain->hasCamInHead();
        foreach ($inHead ? $this->scope->banks : array_slice($this->scope->banks, 0, 1) as $bank) {
            $suffix = $inHead ? $bank->suffix : '';
            $valves = $inHead ? $bank->valves : $this->plan->sheet->valveTrain->valves;
            $cylinders = array_values(array_unique(array_column($valves, 'cylinder')));
            $holders = array_filter($bank->holders, $this->scope->opens(...));
            $this->plan->step('read.cam'.$suffix, StepKind::Measure, $inHead ? $bank->holders[0]
                ?? $bank->head : $this->scope->camChests()[0] ?? null)
                ->named('Lobes and journals measured, faces looked at for pitting')
                ->because('Lift lost is power lost, and a pitted lobe eats its follower.')
                ->after('off.cam'.$suffix)->after(...array_map(static fn (Slab $slab): string => 'clean.'.$slab->id, $holders))
                ->lostWith()
                ->reading(SpotsOf::cam($cylinders))
                ->with('micrometer')
                ->takes(4 * max(1, count($valves)));
        }
    }

    private function crank(): void
    {
        if ($this->scope->fromPieces && $this->scope->isUpperCase() && $this->cylinders !== []) {
            $this->plan->step('read.crank', StepKind::Measure, null)
                ->named('Crank measured: journals, runout, oil clearance by crushed strip')
                ->because('It is never easier to reach than now.')
                ->lostWith()
                ->reading(SpotsOf::crank())
                ->with('micrometer', 'dial', 'plastic strip')
                ->takes(30);
        }
    }

    private function order(): void
    {
        $reads = [...$this->plan->every('decide.bore'), ...$this->plan->every('read.cam')];
        foreach ($this->scope->banks as $bank) {
            array_push($reads, ...StepName::toSlab('read', $bank->head));
        }
        if (array_filter($reads, $this->plan->knows(...)) === []) {
            return;
        }
        $this->plan->step('order.parts', StepKind::Order, null)
            ->named('Parts list settled and ordered; what lies open covered, bare iron oiled, until they come')
            ->because('One order, with the sizes that were decided; a mouth that waits open collects what the bench drops.')
            ->after(...$this->plan->every('decide.bore'))
            ->lostWith()
            ->takes(15);
    }

    private function workBore(Cylinder $cylinder): void
    {
        $barrel = $this->barrelOf($cylinder);
        $job = $this->plan->basis->boreJob($cylinder->id);
        $decided = 'decide.bore.'.$cylinder->id;
        $together = $this->sentTogether($cylinder);
        if (in_array($job, [BoreJob::Rebore, BoreJob::Replate], true)) {
            $this->plan->step('send.bore.'.$cylinder->id, StepKind::Order, $barrel, $cylinder)
                ->named($job === BoreJob::Rebore
                    ? 'Out to be bored with its work order and the piston; back, looked over: edges broken, cross-hatch even'
                    : 'Out to be plated with its work order; back, looked over: plating whole at the ports, edges broken')
                ->because('A chipped edge or a bright patch goes back before it costs a piston; its size is read after the wash.')
                ->after($decided)
                ->lostWith()
                ->takes(20);
        }
        if (in_array($job, [BoreJob::Keep, BoreJob::Piston, BoreJob::Hone], true)) {
            $this->deglaze($cylinder, $job)->after($decided, ...$together);
        }
        $this->plan->step('work.wash.'.$cylinder->id, StepKind::Prepare, $barrel, $cylinder)
            ->named('Bore washed until a white cloth stays clean, dried, oiled at once')
            ->because('Grit left in the scratches laps the rings.')
            ->after($decided, 'work.bore.'.$cylinder->id, 'send.bore.'.$cylinder->id, ...$together)
            ->lostWith()
            ->bySchool('wash')
            ->uses('hot soapy water, then running oil')
            ->undoneBy(...Act::BORE_WORKED)
            ->takes(10);
        $last = 'work.wash.'.$cylinder->id;
        if ($job !== BoreJob::Keep) {
            $last = $this->plan->step('read.bore.'.$cylinder->id.'.again', StepKind::Measure, $barrel, $cylinder)
                ->named('Read again with the piston that goes in, both at one temperature')
                ->because('What was asked for is not yet what came.')
                ->after($last, 'order.parts')
                ->lostWith()
                ->reading(SpotsOf::barrel($cylinder->id), since: $last)
                ->undoneBy(Act::PistonChanged, ...Act::BORE_WORKED)
                ->with('micrometer', 'bore gauge', 'feeler leaves')
                ->takes(15)->id;
        }
        $this->plan->step('work.gaps.'.$cylinder->id, StepKind::Prepare, $barrel, $cylinder)
            ->named('Ring gaps tried squared in their own bore, filed square until the smallest leaf passes')
            ->because('A gap that closes when hot breaks the ring.')
            ->after($last, ...$this->isOneSlab ? ['order.parts', 'decide.pairs'] : [])
            ->lostWith()
            ->bySchool('ring_ends')
            ->spends(PartKind::RingSet)
            ->with('feeler leaves', 'ring file')
            ->undoneBy(Act::PistonChanged, Act::RingChanged, ...Act::BORE_WORKED)
            ->takes(15);
        $this->plan->step('work.piston.'.$cylinder->id, StepKind::Prepare, $barrel, $cylinder)
            ->named('Piston ready: grooves clean, edges broken, mark found')
            ->because('A burr on a skirt is a scratch in the bore.')
            ->after($decided)
            ->lostWith()
            ->bySchool('skirt')
            ->deciding(Decision::PartsOfBore)
            ->undoneBy(Act::PistonChanged)
            ->takes(8);
    }

    private function deglaze(Cylinder $cylinder, BoreJob $job): StepDraft
    {
        $sheet = $this->plan->sheet->barrel;
        $school = $this->plan->school('deglaze');
        $isAllowed = $sheet->honeWith === [] || in_array($school, $sheet->honeWith, true);
        $sizing = array_values(array_diff($sheet->honeWith, ['abrasive pad', 'brush hone', 'ball hone']));
        $step = $this->plan->step('work.bore.'.$cylinder->id, StepKind::Prepare, $this->barrelOf($cylinder), $cylinder)->lostWith()
            ->with(...match (true) {
                $job === BoreJob::Hone => $sizing === [] ? ['rigid hone'] : $sizing,
                $isAllowed => [$school],
                default => $sheet->honeWith,
            });

        return $job === BoreJob::Hone
            ? $step->named('Honed within the budget to an even cross-hatch, read between strokes')
                ->because('A hone that stays long in one place makes the barrel shape it should take out.')
                ->takes(25)
            : $step->named($sheet->lining === Lining::Plated

                    ? 'Glaze broken by hand, plating looked over for flakes at the ports'
                    : 'Glaze broken to an even cross-hatch, no size taken')
                ->because('New rings seat on a scratched wall.')
                ->bySchool($isAllowed ? 'deglaze' : null)
                ->takes(15);
    }

    /** @return list<string> what must be back before a bore of the same block is worked */
    private function sentTogether(Cylinder $cylinder): array
    {
        $barrel = $this->barrelOf($cylinder);
        $isBlock = $barrel !== null && ($this->plan->sheet->barrel->oneBlock || $this->scope->isUpperCase());

        return $isBlock ? array_map(static fn (string $each): string => 'send.bore.'.$each, $barrel->cylinders) : [];
    }

    private function valves(Bank $bank): void
    {
        $inBlock = $this->plan->sheet->valveTrain->gear === ValveGear::Side;
        if ($bank->valves === [] || ! $this->scope->headIsRead($bank) || $bank->head === null) {
            return;
        }
        $on = $inBlock ? $this->plan->sheet->stack->slab(SlabKind::Barrel, $bank->cylinders[0]->id ?? null) : $bank->head;
        $this->plan->step('work.valves'.$bank->suffix, StepKind::Prepare, $on)
            ->named($inBlock
                ? 'Seats proved with blue, springs and collets seated'
                : 'Valves in, seats proved with blue or a light, springs and collets seated')
            ->because('A seat is proved before the head goes on, not after.')
            ->after('clean.'.$bank->head->id, 'read.'.$bank->head->id, ...StepName::toSlab('clean', $on))
            ->lostWith()
            ->before('on.'.$bank->head->id)
            // grit of the lapping goes out with the wash
            ->before(...$inBlock && $this->scope->opens($on)
                ? array_map(static fn (Cylinder $cylinder): string => 'work.wash.'.$cylinder->id, $bank->cylinders) : [])
            ->spends(PartKind::StemSeals)
            ->caution('Eye protection: springs and collets fly.')
            ->takes(15 * max(1, intdiv(count($bank->valves), 2)));
    }

    private function faces(): void
    {
        $opened = $this->scope->slabs(SlabKind::Barrel, SlabKind::Head);
        if ($opened === []) {
            return;
        }
        $barrels = $this->scope->slabs(SlabKind::Barrel);
        $isOneColumn = count($this->plan->sheet->stack->all(SlabKind::Head)) <= 1
            && count($this->plan->sheet->stack->all(SlabKind::Barrel)) <= 1;
        $this->plan->step('work.faces', StepKind::Prepare, null)
            ->named('Joint faces bare and dry, dowels and studs seen')
            ->because('A joint leaks where something was left.')
            ->after(...$isOneColumn
                ? array_map(static fn (Slab $slab): string => 'off.'.$slab->id,
                    [...$opened, ...$this->scope->slabs(SlabKind::BaseGasket, SlabKind::HeadGasket)]) : [])
            ->lostWith(...$barrels)
            ->with('scraper softer than the face')
            ->takes(10);
    }
}
