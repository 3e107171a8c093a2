<?php

namespace Moltrek\Core\Log\Parts;

use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Planning\PartKind;
use Moltrek\Core\Planning\ReuseRule;
use Moltrek\Core\Planning\Step;

/** A part that the job takes: from the one-use parts of its steps and from what was ordered. */
final readonly class PlannedPart
{
    /**
     * @param  list<string>  $for  steps
     * @param  'needed'|'ordered'|'arrived'|'fitted'|'spent'  $state
     * @param  string|null  $why  what made it so: how it came, what spent it, what is wrong with it
     */
    private function __construct(
        public string $part,
        public array $for,
        public bool $oneUse,
        public string $state,
        public ?string $promised,
        public ?string $why,
        public bool $wrong,
        public ?ReuseRule $reuse,
    ) {
    }

    /** @return list<self> */
    public static function all(BuildState $state): array
    {
        $planned = $for = [];
        foreach ($state->work->steps() as $step) {
            foreach ($state->decisions->partsOf($step) as $part) {
                $planned[$part][] = $step;
                $for[$part][] = $step->id;
            }
        }
        foreach ($state->parts->bought() as $ordered) {
            $for[$ordered->part] ??= $ordered->for;
        }
        foreach ([...array_keys($state->parts->here()), ...array_keys($state->parts->wrong())] as $other) {
            $for[$other] ??= [];
        }

        return array_map(
            static fn (string|int $part, array $steps): self => self::of($state, (string) $part, $steps, $planned[$part] ?? []),
            array_keys($for), $for,
        );
    }

    /**
     * @param  list<string>  $for
     * @param  list<Step>  $planned  the steps that take it
     */
    private static function of(BuildState $state, string $part, array $for, array $planned): self
    {
        $open = array_filter($planned, static fn (Step $step): bool => $state->work->doneBy($step->id) === null);
        $bin = $state->parts;
        $spent = $bin->spent()[$part] ?? null;

        return new self($part, $for, $planned !== [], match (true) {
            $bin->isOnOrder($part) !== null => 'ordered',
            $spent !== null => 'spent',
            $planned !== [] && $open === [] => 'fitted',
            isset($bin->here()[$part]) => 'arrived',
            default => 'needed',
        }, $bin->isOnOrder($part)?->promised?->text, $bin->wrong()[$part] ?? $spent->why ?? $bin->here()[$part]
            ?? null, isset($bin->wrong()[$part]), PartKind::named($part)?->reuse());
    }
}
