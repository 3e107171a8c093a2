<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kinds;
use Moltrek\Core\Planning\Step;

/**
 * What a change of shims asks beyond the shims. As a lift is, it is tried on the same log: with these valves changed, and with every
 * shim where it is; what is open with the one and not with the other is the cost, so that announced and real never differ.
 */
final class ShimCost
{
    /**
     * @param  list<string>  $valves  those whose shims change
     * @return list<Step> in the order of work
     */
    public static function of(BuildState $state, array $valves): array
    {
        $changed = self::openAfter($state, $valves);

        return array_values(array_diff_key($changed, self::openAfter($state, [])));
    }

    /**
     * @param  list<string>  $valves
     * @return array<string, Step> by id
     */
    private static function openAfter(BuildState $state, array $valves): array
    {
        $shims = array_map(static fn (string $valve): array => ['valve' => $valve, 'size' => '1 mm', 'source' => 'bought'], $valves);
        $said = Kinds::read(ShimsDecided::class, json_decode((string) json_encode(['shims' => $shims])));
        $totals = $state->again();
        $said->apply($totals, new Entry('', $said, $state->now, ''));
        $after = $state->with($totals);

        return array_filter($after->work->steps(), static fn (Step $step): bool => ! $after->work->isDone($step));
    }
}
