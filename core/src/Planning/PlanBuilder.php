<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\AccessKind;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\School;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\Worked;

/** Collects the steps of a plan: who comes after whom, by whose school, with the sheet's own changes at the end. */
final class PlanBuilder
{
    /** @var array<string, Step> */
    private array $steps = [];

    /** @var array<string, string> school by matter */
    private readonly array $choices;

    /** @param  array<string, string>  $choices  school by matter; where nothing was chosen the sheet's own stands */
    public function __construct(public readonly EngineSheet $sheet, array $choices)
    {
        $this->choices = $choices + $sheet->schools;
    }

    /**
     * @param  list<string>  $needs  steps that are not in this plan are left out
     * @param  list<string>  $places
     * @param  list<string>  $parts
     * @param  list<string>  $tools
     * @param  list<string>  $asks
     */
    public function add(
        string $id, SlabKind $slab, StepKind $kind, string $name, string $why, int $minutes, array $needs = [], array $places = [], ?Cylinder $cylinder = null,
        ?string $hold = null, bool $settles = false, ?SlabKind $lostWith = null, array $parts = [], array $tools = [], ?string $uses = null, ?string $caution = null,
        bool $secondPerson = false, array $asks = [], ?string $spots = null, bool $torques = false,
    ): string {
        $on = $this->slab($slab);
        $id = $cylinder === null ? $id : $id.'.'.$cylinder->id;
        $this->steps[$id] = new Step(
            $id, $on->id, $kind, $cylinder === null || count($this->sheet->cylinders) === 1 ? $name : ucfirst($cylinder->name).': '.lcfirst($name), $why, $minutes,
            array_values(array_filter(array_unique($needs), fn (string $need): bool => isset($this->steps[$need]))),
            $places === [] && $cylinder !== null ? [$cylinder->id] : $places, $cylinder?->id, $hold === null || ! isset($this->steps[$hold]) ? null : $hold,
            $settles ? $on->id : null, $this->slab($lostWith ?? self::pressedBy($slab))->id, $parts, $tools, $this->how($id), $uses, $caution, $secondPerson, $asks, $spots, $torques,
        );

        return $id;
    }

    public function worked(): Worked
    {
        return Worked::tryFrom($this->choices['worked'] ?? '') ?? Worked::Bench;
    }

    /** A gasket lies lower than the part that crushes it, and is lost when that part is lifted off it. */
    private static function pressedBy(SlabKind $slab): SlabKind
    {
        return match ($slab) {
            SlabKind::BaseGasket => SlabKind::Barrel,
            SlabKind::HeadGasket => SlabKind::Head,
            default => $slab,
        };
    }

    public function has(SlabKind $kind): bool
    {
        return $this->sheet->slab($kind) !== null;
    }

    /** The slab of this kind; where the engine has none, the barrel it is part of. */
    public function slab(SlabKind $kind): Slab
    {
        return $this->sheet->slab($kind) ?? $this->sheet->slab(SlabKind::Barrel) ?? $this->sheet->slabs[0];
    }

    /** @return list<string> the ids of the steps that begin so */
    public function beginning(string $id): array
    {
        return array_values(array_filter(array_map(strval(...), array_keys($this->steps)), static fn (string $step): bool => $step === $id || str_starts_with($step, $id.'.')));
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
        $changes = $this->sheet->plan;
        foreach ($changes->drop as $index => $dropped) {
            $gone = $this->steps[$dropped] ?? throw MalformedDocument::wrongSort($dropped, 'a step of this plan')->under('plan.drop.'.$index);
            unset($this->steps[$dropped]);
            foreach ($this->steps as $id => $step) {
                if (in_array($dropped, $step->needs, true)) {
                    $this->steps[$id] = $step->needing(array_values(array_unique([...array_diff($step->needs, [$dropped]), ...$gone->needs])));
                }
            }
        }
        foreach ($changes->add as $index => $own) {
            if ($this->sheet->heightOf($own->slab) === null) {
                throw MalformedDocument::wrongSort($own->slab, 'a slab of this engine')->under("plan.add.$index.slab");
            }
            $this->insert(new Step($own->id, $own->slab, StepKind::Fit, $own->name, $own->why, $own->minutes, $own->needs, lostWith: $own->slab, caution: $own->caution));
        }
        foreach ($changes->add as $index => $own) {
            foreach ($own->before as $at => $later) {
                $step = $this->steps[$later] ?? throw MalformedDocument::wrongSort($later, 'a step of this plan')->under("plan.add.$index.before.$at");
                $this->steps[$later] = $step->needing([...$step->needs, $own->id]);
            }
        }
        foreach ($changes->after as $id => $needs) {
            $step = $this->steps[$id] ?? throw MalformedDocument::wrongSort($id, 'a step of this plan')->under('plan.after.'.$id);
            $this->steps[$id] = $step->needing([...$step->needs, ...$needs]);
        }

        $this->constrain();

        return $this->needsFirst();
    }

    /** Puts a step right after the last one that it needs. */
    private function insert(Step $step): void
    {
        $at = max([0, ...array_map(static fn (int $index): int => $index + 1, array_keys(array_intersect(array_map(strval(...), array_keys($this->steps)), $step->needs)))]);
        $this->steps = [...array_slice($this->steps, 0, $at, true), $step->id => $step, ...array_slice($this->steps, $at, null, true)];
    }

    /** Puts the constraints of access on the steps they are about, those of the place where the engine is worked on. */
    private function constrain(): void
    {
        foreach ([...AccessRules::of($this->sheet), ...$this->sheet->plan->access] as $access) {
            foreach ($access->where === null || $access->where === $this->worked() ? $this->beginning($access->then) : [] as $then) {
                $step = $this->steps[$then];
                if (! $access->kind->isOrder()) {
                    $on = $access->kind === AccessKind::TrappedAtBothEnds ? $step->hold : $then;
                    $this->steps[$on ?? $then] = $this->steps[$on ?? $then]->under($access, '');
                }
                foreach ($access->kind->isOrder() ? $this->beginning($access->first) : [] as $first) {
                    if ($step->cylinder === null || $this->steps[$first]->cylinder === null || $step->cylinder === $this->steps[$first]->cylinder) {
                        $this->steps[$then] = $this->steps[$then]->under($access, $first);
                    }
                }
            }
        }
    }

    /** @return array<string, Step> */
    private function needsFirst(): array
    {
        $sorted = [];
        $left = $this->steps;
        while ($left !== []) {
            $moved = false;
            foreach ($left as $id => $step) {
                foreach ($step->needs as $need) {
                    if (! isset($this->steps[$need])) {
                        throw MalformedDocument::wrongSort($need, 'a step of this plan')->under('plan');
                    }
                }
                if (array_diff_key(array_flip($step->needs), $sorted) === []) {
                    $sorted[$id] = $step;
                    unset($left[$id]);
                    $moved = true;
                }
            }
            if (! $moved) {
                $names = implode(', ', array_keys($left));
                throw ContradictoryFields::excluded('plan', $names, 'These steps wait for each other: '.$names.'.', 'needs that do not come round again');
            }
        }

        return $sorted;
    }

    /** What the chosen school says of a step. */
    private function how(string $id): ?string
    {
        foreach (School::all() as $school) {
            if ($id === $school->step || str_starts_with($id, $school->step.'.') || str_starts_with($id, $school->step.'-')) {
                return $school->question.': '.($this->choices[$school->matter] ?? $school->default()).'.';
            }
        }

        return null;
    }
}
