<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Planning\ReuseClass;
use Moltrek\Core\Planning\Step;

/** A part that the job takes: from the one-use parts of its steps and from what was ordered. */
final readonly class PlannedPart
{
    /**
     * @param  list<string>  $for  steps
     * @param  string|null  $why  what made it so: how it came, what spent it, what is wrong with it
     * @param  string  $condition  of its reuse: the condition, or the reason why not
     * @param  'needed'|'ordered'|'arrived'|'fitted'|'spent'  $state
     */
    private function __construct(public string $part, public array $for, public bool $oneUse, public string $state, public ?string $promised, public ?string $why, public bool $wrong, public ?ReuseClass $reuse, public string $condition)
    {
    }

    /** @return list<self> */
    public static function all(Fold $fold): array
    {
        $for = [];
        foreach ($fold->plan as $step) {
            foreach ($fold->partsOf($step) as $part) {
                $for[$part][] = $step->id;
            }
        }
        $bin = $fold->parts;
        foreach ([...array_values($bin->onOrder), ...array_map(static fn (string $part): PartOnOrder => new PartOnOrder($part, null, []), [...array_keys($bin->here), ...array_keys($bin->wrong)])] as $other) {
            $for[$other->part] ??= $other->for;
        }

        return array_map(static fn (string $part, array $steps): self => self::of($fold, $part, $steps), array_keys($for), $for);
    }

    /** @param  list<string>  $steps */
    private static function of(Fold $fold, string $part, array $steps): self
    {
        $planned = array_filter($fold->plan, static fn (Step $step): bool => in_array($part, $fold->partsOf($step), true));
        $fitted = $planned !== [] && array_filter($planned, static fn (Step $step): bool => ! isset($fold->done[$step->id])) === [];
        [$reuse, $condition] = ReuseClass::of($part) ?? [null, ''];
        $bin = $fold->parts;

        return new self($part, $steps, $planned !== [], match (true) {
            isset($bin->onOrder[$part]) => 'ordered',
            isset($bin->spent[$part]) => 'spent',
            $fitted => 'fitted',
            isset($bin->here[$part]) => 'arrived',
            default => 'needed',
        }, ($bin->onOrder[$part] ?? null)?->promised, $bin->wrong[$part] ?? $bin->spent[$part] ?? $bin->here[$part] ?? null, isset($bin->wrong[$part]), $reuse, $condition);
    }
}
