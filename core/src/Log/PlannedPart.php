<?php

namespace Moltrek\Core\Log;

/** A part that the job takes: from the one-use parts of its steps and from what was ordered. */
final readonly class PlannedPart
{
    /**
     * @param  list<string>  $for  steps
     * @param  'needed'|'ordered'|'arrived'|'fitted'|'spent'  $state
     */
    private function __construct(public string $part, public array $for, public bool $oneUse, public string $state, public ?string $promised, public ?string $why)
    {
    }

    /** @return list<self> */
    public static function all(Fold $fold): array
    {
        $for = [];
        foreach ($fold->plan as $step) {
            foreach ($step->parts as $part) {
                $for[$part][] = $step->id;
            }
        }
        $parts = [];
        foreach ($for as $part => $steps) {
            $fitted = array_filter($steps, static fn (string $step): bool => ! isset($fold->done[$step])) === [];
            $parts[] = new self($part, $steps, true, self::state($fold, $part, $fitted), ($fold->onOrder[$part] ?? null)?->promised, $fold->spent[$part] ?? null);
        }
        foreach ([...array_keys($fold->onOrder), ...array_keys($fold->arrived)] as $part) {
            if (! isset($for[$part])) {
                $parts[] = new self($part, ($fold->onOrder[$part] ?? null)->for ?? [], false, isset($fold->onOrder[$part]) ? 'ordered' : 'arrived', ($fold->onOrder[$part] ?? null)?->promised, null);
            }
        }

        return $parts;
    }

    /** @return 'needed'|'ordered'|'arrived'|'fitted'|'spent' */
    private static function state(Fold $fold, string $part, bool $fitted): string
    {
        return match (true) {
            isset($fold->onOrder[$part]) => 'ordered',
            isset($fold->spent[$part]) => 'spent',
            $fitted => 'fitted',
            isset($fold->arrived[$part]) => 'arrived',
            default => 'needed',
        };
    }
}
