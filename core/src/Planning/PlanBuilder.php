<?php

namespace Moltrek\Core\Planning;

use LogicException;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\Access;
use Moltrek\Core\Sheet\AccessKind;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\OwnStep;
use Moltrek\Core\Sheet\School;
use Moltrek\Core\Sheet\Seal;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\StepKind;
use SplMinHeap;

/** Collects the steps of a plan: who comes after whom, by whose school, with the sheet's own changes at the end. */
final class PlanBuilder
{
    public readonly EngineSheet $sheet;

    /** @var array<string, StepDraft> */
    private array $drafts = [];

    /** @var array<string, string> names that rules have written */
    private array $names = [];

    /** @var array<string, list<string>> steps that come first, by step */
    private array $first = [];

    /** @var array<string, Step> */
    private array $steps = [];

    /** @var array<string, string> school by matter */
    private readonly array $choices;

    public function __construct(public readonly Scope $scope, public readonly Basis $basis)
    {
        $this->sheet = $scope->sheet;
        $this->choices = $basis->schools + $this->sheet->work->schools;
    }

    /** A step; where two rules mean one (a slab that bears a word as its id) each adds what it knows. */
    public function step(string $id, StepKind $kind, ?Slab $on, ?Cylinder $of = null): StepDraft
    {
        return $this->drafts[$this->name($id)] ??= new StepDraft($this, $id, $kind, $on ?? $this->case(), $of);
    }

    /** @throws LogicException where a rule names what no step is called */
    public function name(string $id): string
    {
        return $this->names[$id] ??= StepName::ofRule($id, $this->sheet->stack);
    }

    public function draft(string $id): ?StepDraft
    {
        return $this->drafts[$this->name($id)] ?? null;
    }

    public function case(): Slab
    {
        return $this->sheet->stack->slab(SlabKind::Case) ?? $this->sheet->stack->slabs[0];
    }

    public function knows(string $id): bool
    {
        return isset($this->drafts[$this->name($id)]);
    }

    /** @return array<string, true> */
    public function ids(): array
    {
        return array_fill_keys(array_map(strval(...), array_keys($this->drafts)), true);
    }

    /** One step before others. */
    public function puts(string $first, string ...$later): void
    {
        foreach ($later as $id) {
            $this->first[$this->name($id)][] = $this->name($first);
        }
    }

    /** With what the crank of this engine is turned. */
    public function crankTurner(): string
    {
        return $this->sheet->crank->turnedBy ?? 'crank turned by hand';
    }

    /** What may be hurt while the crank is turned, the engine too where turning back harms it. */
    public function turningCaution(): string
    {
        $crank = $this->sheet->crank;
        $harm = $crank === null || $crank->mayTurnBack() ? '' : ' Turning back is '.rtrim((string) $crank->turningBack, '.').'.';

        return 'Hands clear while turning.'.$harm;
    }

    /** The school that is followed in a matter. */
    public function school(string $matter): string
    {
        return $this->choices[$matter] ?? School::all()[$matter]->default();
    }

    /** ", cylinder 2" for a part of one of several cylinders. */
    public function of(Cylinder $cylinder): string
    {
        return $this->sheet->layout->hasSeveral() ? ', '.$cylinder->name : '';
    }

    /** What a slab is called in a step: a barrel is a barrel, whatever comes off with it. */
    public function called(Slab $slab): string
    {
        $of = ltrim($this->ofColumn($slab), ', ');

        if ($slab->kind === SlabKind::Barrel && $this->scope->isUpperCase()) {
            return 'upper case';
        }

        return $slab->kind === SlabKind::Barrel ? 'barrel'.($of === '' ? '' : " of the $of") : lcfirst($slab->name);
    }

    /** ", front cylinder" for a part of one of several columns. */
    public function ofColumn(Slab $slab): string
    {
        if (count($this->sheet->layout->cylinders) === count($slab->cylinders)) {
            return '';
        }

        return ', '.implode(' and ', array_map(fn (string $id): string => $this->sheet->cylinder($id)->name ?? $id, $slab->cylinders));
    }

    /** @return list<string> the steps of these names, at whatever place; of a verb alone all that it is done to */
    public function every(string ...$names): array
    {
        return $this->atAnyPlace(array_values(array_map(
            fn (string $name): string => str_contains($name, '.') ? $this->name($name) : $name,
            $names,
        )));
    }

    /**
     * @param  list<string>  $names
     * @return list<string>
     */
    private function atAnyPlace(array $names): array
    {
        $found = [];
        foreach ([...array_keys($this->drafts), ...array_keys($this->steps)] as $id) {
            foreach ($names as $name) {
                if (StepName::goesBy((string) $id, $name)) {
                    $found[(string) $id] = (string) $id;
                }
            }
        }

        return array_values($found);
    }

    /** @return array<string, true> the steps that wait for one of these, through others or directly, as far as the rules have written */
    public function waitingFor(string ...$first): array
    {
        $later = [];
        foreach (array_keys($this->drafts) as $id) {
            foreach ($this->needsOf((string) $id) as $need) {
                $later[$need][] = (string) $id;
            }
        }
        $waiting = [];
        $open = $first;
        while ($open !== []) {
            foreach ($later[array_pop($open)] ?? [] as $next) {
                if (! isset($waiting[$next])) {
                    $waiting[$next] = true;
                    $open[] = $next;
                }
            }
        }

        return $waiting;
    }

    /** @return list<string> */
    private function needsOf(string $id): array
    {
        $draft = $this->drafts[$id] ?? null;
        $needs = [...($draft === null ? [] : $draft->needs()), ...$this->first[$id] ?? []];

        // a slab that bears a word as its id is one step with it, and its hold stands before both
        $name = StepName::of($id);
        $own = $name->is('hold') ? $name->with('on') : $id;

        return array_values(array_unique(
            array_filter($needs, fn (string $need): bool => $need !== $id && $need !== $own && isset($this->drafts[$need]))));
    }

    /**
     * The plan with the sheet's changes.
     *
     * @param  callable(string): bool  $isOfSheet  whether some errand of this sheet has a step
     * @return array<string, Step> in an order in which needs come first
     *
     * @throws MalformedDocument|ContradictoryFields
     */
    public function finished(callable $isOfSheet): array
    {
        $this->closeBeads();
        foreach ($this->drafts as $id => $draft) {
            $this->steps[$id] = $draft->finished($this->choices, $this->needsOf((string) $id));
        }
        $changes = $this->sheet->work->plan;
        $added = array_column($changes->add, 'id');
        $known = function (string $where, string $name) use ($added, $isOfSheet): array {
            $now = FormerSteps::now($name, $this->sheet);
            $steps = array_filter($now, fn (string $id): bool => isset($this->steps[$id]) || in_array($id, $added, true)
                || $isOfSheet($id));

            return $now !== [] && $steps === [] ? throw MalformedDocument::wrongSort($name, 'a step of this engine')
                ->under($where) : array_values($steps);
        };
        foreach ($this->sheet->work->waits as $index => $wait) {
            $known("waits.$index.after", $wait->after);
        }
        foreach ($changes->drop as $index => $dropped) {
            array_map($this->drop(...), $known("plan.drop.$index", $dropped));
        }
        foreach ($changes->add as $index => $own) {
            $this->insert($own, "plan.add.$index", $known);
        }
        foreach ($changes->after as $later => $needs) {
            foreach ($known("plan.after.$later", (string) $later) as $id) {
                foreach ($needs as $index => $need) {
                    $this->require($id, $known("plan.after.$later.$index", $need));
                }
            }
        }
        $this->constrain();
        array_map($this->insertOfJob(...), $this->basis->own);

        return $this->needsFirst();
    }

    /**
     * From a bead of sealant to its pull in one go: what needs a slab on that is sealed so needs its joint pulled, but for what that
     * pull itself waits for.
     */
    private function closeBeads(): void
    {
        $stack = $this->sheet->stack;
        foreach ($this->scope->slabs() as $slab) {
            [$on, $pull] = ['on.'.$slab->id, 'pull.'.$slab->id];
            if ($stack->sealOf($slab) !== Seal::Sealant || ! isset($this->drafts[$on], $this->drafts[$pull])) {
                continue;
            }
            $before = $this->allNeedsOf($pull);
            foreach (array_keys($this->drafts) as $id) {
                $id = (string) $id;
                if ($id !== $pull && ! isset($before[$id]) && in_array($on, $this->needsOf($id), true)) {
                    $this->puts($pull, $id);
                }
            }
        }
    }

    /** @return array<string, true> what a step waits for, through others or directly, as far as the rules have written */
    private function allNeedsOf(string $id): array
    {
        $seen = [];
        $open = [$id];
        while ($open !== []) {
            foreach ($this->needsOf(array_pop($open)) as $need) {
                if (! isset($seen[$need])) {
                    $seen[$need] = true;
                    $open[] = $need;
                }
            }
        }

        return $seen;
    }

    /** What needed a step that this engine has not needs what that step needed. */
    private function drop(string $dropped): void
    {
        $gone = $this->steps[$dropped] ?? null;
        unset($this->steps[$dropped], $this->drafts[$dropped]);
        if ($gone === null) {
            return;
        }
        foreach ($this->steps as $id => $step) {
            if (in_array($dropped, $step->order->needs, true)) {
                $this->steps[$id] = $step->needing([...array_diff($step->order->needs, [$dropped]), ...$gone->order->needs]);
            }
        }
    }

    /** @param  list<string>  $needs  by the maker's word */
    private function require(string $id, array $needs, string $why = 'The sheet asks for it first.'): void
    {
        foreach (isset($this->steps[$id]) ? $needs : [] as $need) {
            if (isset($this->steps[$need])) {
                $this->steps[$id] = $this->steps[$id]->after($need, new Access(AccessKind::MakersWord, $need, $id, '', $why));
            }
        }
    }

    /**
     * A step of the sheet's own, where its slab is reached.
     *
     * @param  callable(string, string): list<string>  $known  the steps that a name stands for, by the path at which it is named
     */
    private function insert(OwnStep $own, string $where, callable $known): void
    {
        $slab = $this->sheet->stack->named($own->slab) ?? throw MalformedDocument::wrongSort($own->slab, 'a slab of this engine')
            ->under("$where.slab");
        [$needs, $later] = array_map(fn (string $field): array => array_values(array_filter(
            array_merge(...array_map($known,
                array_map(static fn (int $index): string => "$where.$field.$index", array_keys($own->{$field})), $own->{$field}), ...[[]]),
            fn (string $step): bool => isset($this->steps[$step]),
        )), ['needs', 'before']);
        if ($own->needs === [] || $needs !== [] || $later !== []) {
            $this->place($own, $slab, $needs, $later, 'The sheet asks for it first.');
        }
    }

    /**
     * A step that was added on the job. It was true of the plan it was added to; of a plan that has become another, by another
     * sheet, errand or decision, what it names and is not there counts for nothing, and so does what would come round again.
     */
    private function insertOfJob(OwnStep $own): void
    {
        $slab = $this->sheet->stack->named($own->slab);
        if ($slab === null || isset($this->steps[$own->id])) {
            return;
        }
        $needs = $this->standing($own->needs);
        $later = array_diff($this->standing($own->before), $needs, $this->allBefore($needs));
        $this->place($own, $slab, $needs, array_values($later), 'It was put so on this job.');
    }

    /**
     * @param  list<string>  $names
     * @return list<string> the steps of this plan that go by these names, be they names of before
     */
    private function standing(array $names): array
    {
        $now = array_merge(...array_map(fn (string $name): array => FormerSteps::now($name, $this->sheet), $names), ...[[]]);

        return array_values(array_filter($now, fn (string $step): bool => isset($this->steps[$step])));
    }

    /**
     * @param  list<string>  $steps
     * @return list<string> what these wait for, through others or directly
     */
    private function allBefore(array $steps): array
    {
        $seen = [];
        while ($steps !== []) {
            foreach ($this->steps[array_pop($steps)]->order->needs as $need) {
                if (! isset($seen[$need])) {
                    $seen[$need] = true;
                    $steps[] = $need;
                }
            }
        }

        return array_map(strval(...), array_keys($seen));
    }

    /**
     * Right after the last one that it needs.
     *
     * @param  list<string>  $needs
     * @param  list<string>  $later
     */
    private function place(OwnStep $own, Slab $slab, array $needs, array $later, string $why): void
    {
        $words = new Words($own->name, $own->why, null, null, $own->torque, $own->tools, $own->caution);
        $asks = new Asks($own->kind === StepKind::Hold ? [$own->question ?? $own->name] : []);
        $step = new Step($own->id, $own->kind, new StepPlace($slab->id, $own->cylinder, $own->cylinder === null ? [] : [$own->cylinder]),
            $words,
            new Order($needs), new Effect(lostWith: [$slab->id], parts: $own->parts), $asks, $own->minutes);
        $ids = array_map(strval(...), array_keys($this->steps));
        $at = max([0, ...array_map(static fn (int $index): int => $index + 1, array_keys(array_intersect($ids, $needs)))]);
        $this->steps = [...array_slice($this->steps, 0, $at, true), $step->id => $step, ...array_slice($this->steps, $at, null, true)];
        foreach ($later as $id) {
            $this->require($id, [$own->id], $why);
        }
    }

    /** Puts the constraints of access on the steps they are about, those of the place where the engine is worked on. */
    private function constrain(): void
    {
        foreach ([...AccessRules::of($this->sheet), ...$this->sheet->work->plan->access] as $access) {
            $applies = $access->where === null || $access->where === $this->basis->worked();
            foreach ($applies ? $this->meant($access->then) : [] as $then) {
                if ($access->what !== '') {
                    $this->look($access, $this->steps[$then]);
                }
                foreach ($access->first === '' ? [] : $this->meant($access->first) as $first) {
                    if ($first !== $then && $this->areOfOneColumn($this->steps[$then], $this->steps[$first])) {
                        $this->steps[$then] = $this->steps[$then]->after($first, $access);
                    }
                }
            }
        }
    }

    /** What is looked at stands in the hold of the slab that shuts it in; what falls when a part is lifted is a caution of the lift. */
    private function look(Access $access, Step $then): void
    {
        if ($then->kind === StepKind::TakeOff) {
            $this->steps[$then->id] = $then->warning($access);

            return;
        }
        $on = $this->steps[$then->order->hold ?? 'hold.'.$then->place->slab] ?? $then;
        $this->steps[$on->id] = $on->asking($access);
    }

    /** @return list<string> the steps that a sheet means by a name, be it one of before */
    private function meant(string $name): array
    {
        return $this->atAnyPlace(FormerSteps::now($name, $this->sheet));
    }

    /** Whether two steps have a cylinder in common: a constraint does not reach into the next column. */
    private function areOfOneColumn(Step $one, Step $other): bool
    {
        return array_intersect($this->cylindersOf($one), $this->cylindersOf($other)) !== [];
    }

    /** @return list<string> */
    private function cylindersOf(Step $step): array
    {
        return $step->place->cylinder !== null ? [$step->place->cylinder] : $this->sheet->stack->named($step->place->slab)->cylinders ?? [];
    }

    /** @return array<string, Step> as found and off first, then all else as the rules wrote it; never before what it needs */
    private function needsFirst(): array
    {
        $isDown = static fn (Step $step): bool => $step->kind === StepKind::TakeOff || $step->asks->asFound;
        $this->steps = array_filter($this->steps, $isDown) + $this->steps;
        $turn = array_flip(array_map(strval(...), array_keys($this->steps)));
        $open = $later = [];
        /** @var SplMinHeap<int> $ready */
        $ready = new SplMinHeap;
        foreach ($this->steps as $id => $step) {
            $open[$id] = count($step->order->needs);
            foreach ($step->order->needs as $need) {
                $later[$need][] = (string) $id;
            }
            if ($open[$id] === 0) {
                $ready->insert($turn[$id]);
            }
        }
        $ids = array_keys($turn);
        $sorted = [];
        while (! $ready->isEmpty()) {
            $id = (string) $ids[$ready->extract()];
            $sorted[$id] = $this->steps[$id];
            foreach ($later[$id] ?? [] as $next) {
                if (--$open[$next] === 0) {
                    $ready->insert($turn[$next]);
                }
            }
        }
        if (count($sorted) < count($this->steps)) {
            $names = implode(', ', array_keys(array_diff_key($this->steps, $sorted)));
            throw ContradictoryFields::excluded('plan', $names, 'These steps wait for each other: '.$names.'.',
                'needs that do not come round again');
        }

        return $sorted;
    }
}
