<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Parts\SpentPart;
use Moltrek\Core\Log\Undone;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\StepKind;

/**
 * What it costs to reach a slab: everything above it comes off, itself stays. The lift is tried on the same log, and what
 * differs afterwards is the cost: what was crushed is spent, what joined the slabs is to be done again and with it all that
 * stood on it, readings that hang on them no longer hold; minutes for taking off and for all that is done again.
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

    /** What it costs to reach a slab, which stays where it is. */
    public static function to(BuildState $state, Slab $slab): self
    {
        return self::of($state, $state->sheet->stack->above($slab->id));
    }

    /** What it costs to take a slab off. */
    public static function lifting(BuildState $state, Slab $slab): self
    {
        return self::of($state, [$slab->id, ...$state->sheet->stack->above($slab->id)]);
    }

    /** @param  list<string>  $slabs */
    private static function of(BuildState $state, array $slabs): self
    {
        $comesOff = array_values(
            array_reverse(array_filter($state->sheet->stack->slabs, static fn (Slab $each): bool => in_array($each->id, $slabs, true)
            && $state->slabs->of($each)->isInPlace())));
        if ($comesOff === []) {
            return new self([], [], [], [], 0);
        }
        $lift = new Entry('', SlabLifted::of($comesOff[count($comesOff) - 1]->id), $state->now, '');
        $totals = $state->again();
        if (! $state->work->isBeingBuilt()) {
            $totals->progress->standAsBuilt($lift);
            $state = $state->with($totals);
        }
        $before = array_filter(
            $state->work->steps(),
            static fn (Step $step): bool => $step->kind !== StepKind::TakeOff && $state->work->isDone($step),
        );
        $read = array_map(static fn (Reading $reading): Spot => $reading->spot, array_values($state->readings->all()));
        $totals->undo(Undone::byLifting($state->sheet, array_column($comesOff, 'id'), $lift));
        $after = $state->with($totals);
        $void = array_filter($before, static fn (Step $step): bool => ! $after->work->isDone($step));

        return new self($comesOff,
            self::spent($after, $lift),
            self::voided($after, $void),
            self::staled($after, $read),
            self::minutes($state, $comesOff, $void),
        );
    }

    /** @return list<array{part: string, why: string}> */
    private static function spent(BuildState $after, Entry $lift): array
    {
        $spent = array_filter($after->parts->spent(), static fn (SpentPart $part): bool => $part->by === $lift);

        return array_values(array_map(static fn (SpentPart $part): array => [
            'part' => $part->part, 'why' => 'Used once: it comes off with '.lcfirst(self::named($after, $part->slab)).'.',
        ], $spent));
    }

    /**
     * @param  array<string, Step>  $void
     * @return list<array{step: string, why: string}>
     */
    private static function voided(BuildState $after, array $void): array
    {
        return array_values(array_map(static function (Step $step) use ($after): array {
            $lifted = array_filter($step->effect->lostWith,
                static fn (string $slab): bool => $after->slabs->named($slab)?->isInPlace() === false);

            return ['step' => $step->id, 'why' => self::comesOff(self::named($after, array_values($lifted)[0] ?? $step->place->slab))];
        }, $void));
    }

    /**
     * @param  list<Spot>  $read  the places that had been read
     * @return list<array{reading: string, why: string}>
     */
    private static function staled(BuildState $after, array $read): array
    {
        $stale = [];
        foreach ($read as $spot) {
            if ($after->readings->at($spot->id) === null) {
                $stale[] = [
                    'reading' => $spot->id,
                    'why' => 'Clearance changes when '.lcfirst($spot->slabOn($after->sheet)->name).' comes off.',
                ];
            }
        }

        return $stale;
    }

    /**
     * @param  list<Slab>  $comesOff
     * @param  array<string, Step>  $void
     */
    private static function minutes(BuildState $state, array $comesOff, array $void): int
    {
        $slabs = array_column($comesOff, 'id');
        $offs = array_filter($state->work->steps(), static fn (Step $step): bool => in_array($step->effect->joint->lifts, $slabs, true));

        return array_sum(array_map(static fn (Step $step): int => $step->minutes, [...array_values($offs), ...array_values($void)]));
    }

    private static function comesOff(string $slab): string
    {
        return $slab.(preg_match('/s$|,| and /', $slab) === 1 ? ' come off.' : ' comes off.');
    }

    private static function named(BuildState $state, string $id): string
    {
        return $state->sheet->stack->named($id)->name ?? $id;
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
