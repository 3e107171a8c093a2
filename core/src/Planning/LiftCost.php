<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\Worked;

/**
 * What it costs to reach a slab: everything above it comes off, itself stays. What was crushed is spent, what joined the
 * slabs is to be done again and with it all that stood on it, readings that hang on them no longer hold; minutes for taking
 * off and for all that is done again. Worked out from the steps that stand done now.
 */
final readonly class LiftCost
{
    /**
     * @param  list<Slab>  $comesOff  top-down
     * @param  list<array{part: string, why: string}>  $spent
     * @param  list<array{step: string, why: string}>  $void
     * @param  list<array{reading: string, why: string}>  $stale
     */
    private function __construct(public array $comesOff, public array $spent, public array $void, public array $stale, public int $minutes)
    {
    }

    public static function to(BuildState $state, int $height): self
    {
        $sheet = $state->sheet;
        $slabs = array_reverse(array_filter(array_slice($sheet->slabs, $height + 1), static fn (Slab $slab): bool => $state->slabState($slab)->isInPlace()));
        if ($slabs === []) {
            return new self([], [], [], [], 0);
        }
        $above = static fn (string $slab): bool => ($sheet->heightOf($slab) ?? 0) > $height;
        $asBuilt = ! self::isBeingBuilt($state);
        $void = $fallen = [];
        foreach ($state->steps() as $step) {
            if (! $step->kind->isAssembly() || ! ($state->isDone($step) || $asBuilt)) {
                continue;
            }
            $stoodOn = array_values(array_intersect($step->needs, array_keys($fallen)));
            if ($above($step->lostWith) || $stoodOn !== []) {
                $fallen[$step->id] = $step;
                $void[] = ['step' => $step->id, 'why' => $above($step->lostWith) ? self::named($sheet->slabs, $step->lostWith).self::comesOff(self::named($sheet->slabs, $step->lostWith)) : 'It stood on: '.lcfirst($fallen[$stoodOn[0]]->name).'.'];
            }
        }
        $spent = [];
        foreach ($fallen as $step) {
            foreach ($above($step->lostWith) ? $step->parts : [] as $part) {
                $spent[] = ['part' => $part, 'why' => 'Used once: it comes off with '.lcfirst(self::named($sheet->slabs, $step->lostWith)).'.'];
            }
        }
        $stale = [];
        foreach ($state->readings() as $id => $reading) {
            if ($reading->spot->measurable->key === 'valve_lash' && $above($state->slabOf($reading->spot)->id)) {
                $stale[] = ['reading' => $id, 'why' => 'Clearance changes when '.lcfirst($state->slabOf($reading->spot)->name).' comes off.'];
            }
        }
        $offs = array_filter($state->steps(), static fn (Step $step): bool => str_starts_with($step->id, 'off.') && in_array($step->slab, array_map(static fn (Slab $slab): string => $slab->id, $slabs), true));
        $minutes = array_sum(array_map(static fn (Step $step): int => $step->minutes, [...array_values($offs), ...array_values($fallen)]));

        return new self(array_values($slabs), $spent, $void, $stale, $minutes);
    }

    /** An engine on which nothing has been put together yet stands as it was built: all of that would be done again. */
    private static function isBeingBuilt(BuildState $state): bool
    {
        foreach ($state->steps() as $step) {
            if ($step->kind->isAssembly() && ($state->isDone($step) || $state->voidBecause($step) !== null)) {
                return true;
            }
        }

        return false;
    }

    private static function comesOff(string $slab): string
    {
        return preg_match('/s$|,| and /', $slab) === 1 ? ' come off.' : ' comes off.';
    }

    /** @param  list<Slab>  $slabs */
    private static function named(array $slabs, string $id): string
    {
        foreach ($slabs as $slab) {
            if ($slab->id === $id) {
                return $slab->name;
            }
        }

        return $id;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'comes_off' => array_map(static fn (Slab $slab): string => $slab->id, $this->comesOff),
            'spent' => $this->spent, 'void' => $this->void, 'stale' => $this->stale, 'minutes' => $this->minutes,
        ];
    }
}
