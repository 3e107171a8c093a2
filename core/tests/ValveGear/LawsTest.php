<?php

use Eris\Generators;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Tests\Property;
use Moltrek\Core\ValveGear\LashPosition;
use Moltrek\Core\ValveGear\LashPositions;
use Moltrek\Core\ValveGear\LashRead;
use Moltrek\Core\ValveGear\LashTarget;
use Moltrek\Core\ValveGear\PooledShim;
use Moltrek\Core\ValveGear\SettableArc;
use Moltrek\Core\ValveGear\ShimmedValve;
use Moltrek\Core\ValveGear\ShimPlan;

/** @return list<SettableArc> that many valves at random, the same for the same seed */
function arcsAtRandom(int $seed, int $count): array
{
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $arcs = [];
    for ($valve = 0; $valve < $count; $valve++) {
        $opens = $random->getInt(0, 400);
        $arcs[] = SettableArc::of("v$valve", $random->getInt(0, 71) * 10_000_000_000, $opens * 1_000_000_000, ($opens + $random->getInt(180, 310)) * 1_000_000_000, 20_000_000_000);
    }

    return $arcs;
}

it('sets every valve once, where it may be set, and never in more positions than valve by valve', function () {
    Property::holds(200, [Generators::choose(1, 100000), Generators::choose(1, 10)], function (int $seed, int $count): void {
        $arcs = arcsAtRandom($seed, $count);
        $positions = LashPositions::of($arcs, [0, 120_000_000_000], 0)->all;
        $set = array_merge(...array_map(fn (LashPosition $position): array => $position->valves, $positions));
        sort($set);
        $names = array_map(fn (SettableArc $arc): string => $arc->valve, $arcs);
        sort($names);
        expect($set)->toBe($names)->and(count($positions))->toBeLessThanOrEqual($count);
        foreach ($positions as $position) {
            foreach ($arcs as $arc) {
                expect(in_array($arc->valve, $position->valves, true) && ! $arc->has($position->crank))->toBeFalse();
            }
        }
    });
});

it('needs no more positions than any others that serve all valves', function () {
    Property::holds(60, [Generators::choose(1, 100000)], function (int $seed): void {
        $arcs = arcsAtRandom($seed, 5);
        $fewest = count(LashPositions::of($arcs, [], 0)->all);
        // every place in steps of a tenth of what anything ends on, two at a time
        $cranks = range(0, 719_000_000_000, 5_000_000_000);
        $served = array_map(fn (int $crank): array => array_map(fn (SettableArc $arc): bool => $arc->has($crank), $arcs), $cranks);
        $serves = fn (array ...$places): bool => ! in_array(false, array_map(fn (int $valve): bool => in_array(true, array_column($places, $valve), true), range(0, 4)), true);
        $one = array_filter($served, fn (array $place): bool => $serves($place)) !== [];
        $two = $one;
        foreach ($two ? [] : $served as $first) {
            foreach ($served as $second) {
                $two = $two || $serves($first, $second);
            }
        }
        expect($one)->toBe($one && $fewest === 1)->and($two && $fewest > 2)->toBeFalse();
    });
});

it('sets the same valves whatever order they are named in', function () {
    Property::holds(80, [Generators::choose(1, 100000), Generators::choose(2, 8)], function (int $seed, int $count): void {
        $arcs = arcsAtRandom($seed, $count);
        expect(count(LashPositions::of(array_reverse($arcs), [], 0)->all))->toBe(count(LashPositions::of($arcs, [], 0)->all));
    });
});

/** @return list<ShimmedValve> */
function shimmedAtRandom(int $seed, int $count): array
{
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $target = LashTarget::readOrNull(Fields::of((object) ['target' => (object) ['min' => '0.15 mm', 'max' => '0.25 mm']], 'target'), 'target');
    $valves = [];
    for ($valve = 0; $valve < $count; $valve++) {
        $measured = LashRead::read(Fields::of((object) ['measured' => sprintf('%.2f mm', $random->getInt(5, 35) / 100)], 'measured'), 'measured');
        $valves[] = new ShimmedValve("v$valve", $measured, $random->getInt(48, 56) * 50_000, 1.0, $target, 200_000);
    }

    return $valves;
}

/** How many must be bought for the valves from one on, by trying everything: each takes a shim of the pool that fits it, or buys. */
function fewestBought(array $valves, array $pool, int $from = 0): int
{
    if ($from === count($valves)) {
        return 0;
    }
    $least = 1 + fewestBought($valves, $pool, $from + 1);
    foreach (array_unique($pool) as $index => $size) {
        if ($valves[$from]->fits($size)) {
            $rest = $pool;
            unset($rest[$index]);
            $least = min($least, fewestBought($valves, $rest, $from + 1));
        }
    }

    return $least;
}

it('lands every valve inside and buys no more than any other plan', function () {
    Property::holds(120, [Generators::choose(1, 100000), Generators::choose(1, 5)], function (int $seed, int $count): void {
        $valves = shimmedAtRandom($seed, $count);
        $sold = Moltrek\Core\ValveGear\SoldSizes::readOrNull(Fields::of((object) ['sold' => (object) ['from' => '1.50 mm', 'to' => '4.00 mm', 'step' => '0.05 mm']], 'sold'), 'sold');
        $plan = ShimPlan::of($valves, [new PooledShim(2_500_000)], $sold, false);
        foreach ($plan->changes as $change) {
            expect($change->valve->fits($change->to))->toBeTrue();
        }
        $changed = array_values(array_filter($valves, fn (ShimmedValve $valve): bool => ! $valve->fits($valve->shim)));
        $pool = [...array_map(fn (ShimmedValve $valve): int => $valve->shim, $changed), 2_500_000];
        expect($plan->toArray()['bought'])->toBe(fewestBought($changed, $pool))
            ->and(count($plan->spare))->toBe(count($pool) - count($changed) + $plan->toArray()['bought']);
        expect(ShimPlan::of(array_reverse($valves), [new PooledShim(2_500_000)], $sold, false)->toArray()['bought'])->toBe($plan->toArray()['bought']);
    });
});

it('tells what size would do where none can be had', function () {
    $valve = shimmedAtRandom(1, 1)[0];
    $tight = new ShimmedValve('a', LashRead::read(Fields::of((object) ['measured' => '0.05 mm'], 'measured'), 'measured'), 2_500_000, 1.0, $valve->target, 200_000);
    expect(fn () => ShimPlan::of([$tight], [], null, false))->toThrow(Refusal::class, 'No shim at hand or sold brings this valve inside');
    try {
        ShimPlan::of([$tight], [], null, false);
    } catch (Refusal $refusal) {
        // 0.05 + 2.50 − 0.25 = 2.30 to 0.05 + 2.50 − 0.15 = 2.40
        expect($refusal->toArray())->toMatchArray(['field' => 'valves.0.measured', 'allowed' => 'a shim from 2.30 mm to 2.40 mm']);
    }
});
