<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\AccessKind;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\OwnStep;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\Worked;

/** Collects the steps of a plan: who comes after whom, by whose school, with the sheet's own changes at the end. */
final class PlanBuilder
{
    /** @var array<string, StepDraft> */
    private array $drafts = [];

    /** @var array<string, Step> */
    private array $steps = [];

    /** @var array<string, string> school by matter */
    private readonly array $choices;

    /** @param  array<string, string>  $choices  school by matter; where nothing was chosen the sheet's own stands */
    public function __construct(public readonly EngineSheet $sheet, array $choices)
    {
        $this->choices = $choices + $sheet->work->schools;
    }

    public function step(string $id, StepKind $kind, SlabKind $on, ?Cylinder $of = null): StepDraft
    {
        $id = $of === null ? $id : $id.'.'.$of->id;

        return $this->drafts[$id] = new StepDraft($this, $id, $kind, $on, $of);
    }

    public function knows(string $id): bool
    {
        return isset($this->drafts[$id]);
    }

    public function worked(): Worked
    {
        return Worked::tryFrom($this->choices['worked'] ?? '') ?? Worked::Bench;
    }

    public function has(SlabKind $kind): bool
    {
        return $this->sheet->slab($kind) !== null;
    }

    /** With what the crank of this engine is turned. */
    public function crankTurner(): string
    {
        return $this->sheet->crank->turnedBy ?? 'crank turned by hand';
    }

    /** ", cylinder 2" for a part of one of several cylinders. */
    public function of(Cylinder $cylinder): string
    {
        return $this->sheet->layout->hasSeveral() ? ', '.$cylinder->name : '';
    }

    /** The step that takes off the slab of this kind. */
    public function off(SlabKind $kind): string
    {
        return 'off.'.$this->sheet->slabFor($kind)->id;
    }

    /** @return list<string> the steps of this name, one a cylinder or part */
    public function every(string $name): array
    {
        $ids = array_map(strval(...), array_keys($this->drafts + $this->steps));

        return array_values(array_filter($ids, static fn (string $id): bool => self::isNamed($id, $name)));
    }

    /** Whether a step bears this name, alone or with its places behind it. */
    private static function isNamed(string $id, string $name): bool
    {
        return $id === $name || str_starts_with($id, $name.'.');
    }

    /**
     * The plan with the sheet's changes.
     *
     * @return array<string, Step> in an order in which needs come first
     *
     * @throws MalformedDocument|ContradictoryFields
     */
    public function finished(): array
    {
        $this->steps = array_map(fn (StepDraft $draft): Step => $draft->finished($this->choices), $this->drafts);
        foreach ($this->sheet->work->plan->drop as $index => $dropped) {
            $this->drop($dropped, 'plan.drop.'.$index);
        }
        foreach ($this->sheet->work->plan->add as $index => $own) {
            $this->insert($own, "plan.add.$index");
        }
        foreach ($this->sheet->work->plan->add as $index => $own) {
            foreach ($own->before as $at => $later) {
                $this->require($later, [$own->id], "plan.add.$index.before.$at");
            }
        }
        foreach ($this->sheet->work->plan->after as $id => $needs) {
            $this->require($id, $needs, 'plan.after.'.$id);
        }
        $this->constrain();

        return $this->needsFirst();
    }

    /** What needed a step that this engine has not needs what that step needed. */
    private function drop(string $dropped, string $where): void
    {
        $gone = $this->known($dropped, $where);
        unset($this->steps[$dropped], $this->drafts[$dropped]);
        foreach ($this->steps as $id => $step) {
            if (in_array($dropped, $step->order->needs, true)) {
                $this->steps[$id] = $step->needing([...array_diff($step->order->needs, [$dropped]), ...$gone->order->needs]);
            }
        }
    }

    /** @param  list<string>  $needs */
    private function require(string $id, array $needs, string $where): void
    {
        $step = $this->known($id, $where);
        $this->steps[$id] = $step->needing([...$step->order->needs, ...$needs]);
    }

    private function known(string $id, string $where): Step
    {
        return $this->steps[$id] ?? throw MalformedDocument::wrongSort($id, 'a step of this plan')->under($where);
    }

    /** Puts a step of the sheet's own right after the last one that it needs. */
    private function insert(OwnStep $own, string $where): void
    {
        if ($this->sheet->heightOf($own->slab) === null) {
            throw MalformedDocument::wrongSort($own->slab, 'a slab of this engine')->under("$where.slab");
        }
        $words = new Words($own->name, $own->why, caution: $own->caution);
        $step = new Step($own->id, StepKind::Fit, new StepPlace($own->slab, null, []), $words,
            new Order($own->needs), new Effect(lostWith: $own->slab), new Asks, $own->minutes);
        $ids = array_map(strval(...), array_keys($this->steps));
        $at = max([0, ...array_map(static fn (int $index): int => $index + 1, array_keys(array_intersect($ids, $own->needs)))]);
        $this->steps = [...array_slice($this->steps, 0, $at, true), $step->id => $step, ...array_slice($this->steps, $at, null, true)];
    }

    /** Puts the constraints of access on the steps they are about, those of the place where the engine is worked on. */
    private function constrain(): void
    {
        foreach ([...AccessRules::of($this->sheet), ...$this->sheet->work->plan->access] as $access) {
            $applies = $access->where === null || $access->where === $this->worked();
            foreach ($applies ? $this->every($access->then) : [] as $then) {
                $step = $this->steps[$then];
                if (! $access->kind->isOrder()) {
                    $on = $access->kind === AccessKind::TrappedAtBothEnds ? $step->order->hold ?? $then : $then;
                    $this->steps[$on] = $this->steps[$on]->under($access, '');
                }
                foreach ($access->kind->isOrder() ? $this->every($access->first) : [] as $first) {
                    $other = $this->steps[$first]->place->cylinder;
                    if ($step->place->cylinder === null || $other === null || $step->place->cylinder === $other) {
                        $this->steps[$then] = $this->steps[$then]->under($access, $first);
                    }
                }
            }
        }
    }

    /** @return array<string, Step> */
    private function needsFirst(): array
    {
        foreach ($this->steps as $step) {
            foreach ($step->order->needs as $need) {
                if (! isset($this->steps[$need])) {
                    throw MalformedDocument::wrongSort($need, 'a step of this plan')->under('plan');
                }
            }
        }
        $sorted = [];
        $left = $this->steps;
        while ($left !== []) {
            $before = count($left);
            foreach ($left as $id => $step) {
                if (array_diff_key(array_flip($step->order->needs), $sorted) === []) {
                    $sorted[$id] = $step;
                    unset($left[$id]);
                }
            }
            if (count($left) === $before) {
                $names = implode(', ', array_keys($left));
                throw ContradictoryFields::excluded(
                    'plan',
                    $names,
                    'These steps wait for each other: '.$names.'.',
                    'needs that do not come round again',
                );
            }
        }

        return $sorted;
    }
}
