<?php

namespace Moltrek\Core\ValveGear;

use Moltrek\Core\Fitting\Assignment;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\OutOfDomain;

/**
 * Which shim goes where, all valves at once: fewest bought, then closest to what is aimed at, then looser. Shims of the valves that
 * are changed and those on the shelf go round among them. Source: assignment of least cost.
 */
final readonly class ShimPlan
{
    /** Into how many parts a nanometre is told apart: to 1e-9 mm. */
    private const PARTS = 1000;

    private const NEVER = [1, 0, 0, 0];

    /**
     * @param  list<ShimChange>  $changes  in the order of the valves
     * @param  list<PooledShim>  $spare  the thickest first
     */
    private function __construct(public array $changes, public array $spare)
    {
    }

    /**
     * @param  list<ShimmedValve>  $valves
     * @param  list<PooledShim>  $shelf
     * @param  bool  $all  whether valves that fit are changed with the others
     *
     * @throws OutOfDomain|ContradictoryFields
     */
    public static function of(array $valves, array $shelf, ?SoldSizes $sold, bool $all): self
    {
        $changed = array_values(array_filter($valves, static fn (ShimmedValve $valve): bool => $all || ! $valve->fits($valve->shim)));
        [$useful, $idle] = self::useful($shelf, $changed);
        $own = array_map(static fn (ShimmedValve $valve): PooledShim => new PooledShim($valve->shim, $valve->id), $changed);
        $pool = [...$own, ...$useful];
        $bought = array_map(static fn (ShimmedValve $valve): int|float|null => $sold?->bestFor($valve), $changed);
        foreach ($changed as $index => $valve) {
            $some = array_filter($pool, static fn (PooledShim $shim): bool => $valve->fits($shim->size));
            if ($some === [] && $bought[$index] === null) {
                $place = array_search($valve, $valves, true);
                try {
                    $valve->refuse();
                } catch (OutOfDomain $refusal) {
                    throw $refusal->under('valves.'.$place);
                }
            }
        }
        $columns = self::ownKept($changed, $pool, Assignment::cheapest(self::costs($changed, $pool, $bought)));
        $changes = [];
        foreach ($changed as $index => $valve) {
            $changes[$valve->id] = self::change($valve, $pool[$columns[$index]] ?? null, $bought[$index]);
        }
        $spare = [...array_values(array_diff_key($pool, array_flip($columns))), ...$idle];
        usort($spare, static fn (PooledShim $one, PooledShim $other): int => $other->size <=> $one->size);

        return new self(array_map(
            static fn (ShimmedValve $valve): ShimChange => $changes[$valve->id] ?? new ShimChange($valve, $valve->shim, ShimSource::Stays),
            $valves,
        ), $spare);
    }

    /**
     * Shims of the shelf that suit some valve, no more of a size than there are valves; and the rest.
     *
     * @param  list<PooledShim>  $shelf
     * @param  list<ShimmedValve>  $changed
     * @return array{list<PooledShim>, list<PooledShim>}
     */
    private static function useful(array $shelf, array $changed): array
    {
        $useful = $idle = $taken = [];
        foreach ($shelf as $shim) {
            $size = (string) $shim->size;
            $suits = array_filter($changed, static fn (ShimmedValve $valve): bool => $valve->fits($shim->size)) !== [];
            $taken[$size] = ($taken[$size] ?? 0) + 1;
            if ($suits && $taken[$size] <= count($changed)) {
                $useful[] = $shim;
            } else {
                $idle[] = $shim;
            }
        }

        return [$useful, $idle];
    }

    /**
     * Of each valve against each shim of the pool, then against what would be bought for it alone: whether it cannot be, whether it
     * is bought, how far off the aim, how tight.
     *
     * @param  list<ShimmedValve>  $changed
     * @param  list<PooledShim>  $pool
     * @param  list<int|float|null>  $bought
     * @return list<list<list<int>>>
     */
    private static function costs(array $changed, array $pool, array $bought): array
    {
        $cost = static fn (ShimmedValve $valve, int|float $shim, int $isBought): array => [0, $isBought,
            (int) round($valve->offAim($shim) * self::PARTS), -(int) round($valve->middleWith($shim) * self::PARTS)];
        $rows = [];
        foreach ($changed as $index => $valve) {
            $row = array_map(
                static fn (PooledShim $shim): array => $valve->fits($shim->size) ? $cost($valve, $shim->size, 0) : self::NEVER,
                $pool,
            );
            foreach ($bought as $for => $size) {
                $row[] = $for === $index && $size !== null ? $cost($valve, $size, 1) : self::NEVER;
            }
            $rows[] = $row;
        }

        return $rows;
    }

    /** @throws ContradictoryFields where they could each be served, but not all together */
    private static function change(ShimmedValve $valve, ?PooledShim $shim, int|float|null $bought): ShimChange
    {
        $size = $shim->size ?? $bought;
        if ($size === null || ! $valve->fits($size)) {
            throw ContradictoryFields::excluded('valves', $valve->id,
                'Each of these valves could be served, but not all of them together.', 'more shims on the shelf, or sizes that are sold');
        }

        return new ShimChange($valve, $size, match (true) {
            $shim === null => ShimSource::Bought,
            $shim->whose === null => ShimSource::Shelf,
            default => ShimSource::Moved,
        }, $shim->whose ?? null);
    }

    /**
     * Of equal sizes a valve keeps its own: shims that are alike change places.
     *
     * @param  list<ShimmedValve>  $changed
     * @param  list<PooledShim>  $pool
     * @param  list<int>  $columns  by valve
     * @return list<int>
     */
    private static function ownKept(array $changed, array $pool, array $columns): array
    {
        foreach ($changed as $index => $valve) {
            // the shims of the changed valves stand first in the pool, in their order
            $own = $index;
            $got = $pool[$columns[$index]] ?? null;
            if ($got === null || $columns[$index] === $own || $got->size != $pool[$own]->size) {
                continue;
            }
            $holder = array_search($own, $columns, true);
            if ($holder !== false) {
                $columns[$holder] = $columns[$index];
            }
            $columns[$index] = $own;
        }

        return array_values($columns);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $quantity = Dimension::Length->quantity(...);
        $bought = array_filter($this->changes, static fn (ShimChange $change): bool => $change->source === ShimSource::Bought);
        $sizes = [];
        foreach ($bought as $change) {
            $sizes[(string) $change->to] = ['size' => $quantity($change->to), 'count' => ($sizes[(string) $change->to]['count'] ?? 0) + 1];
        }

        return [
            'valves' => array_map(static fn (ShimChange $change): array => $change->toArray(), $this->changes),
            'buy' => array_values($sizes), 'bought' => count($bought),
            'spare' => array_map(static fn (PooledShim $shim): array => $quantity($shim->size), $this->spare),
        ];
    }
}
