<?php

use Moltrek\Core\Fitting\BoreJob;
use Moltrek\Core\Planning\Basis;
use Moltrek\Core\Planning\Errand;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\SlabKind;

require_once __DIR__.'/../engines.php';

/** What each step waits for, through others or directly. @return array<string, array<string, true>> */
function beforehandIn(array $plan): array
{
    $before = [];
    foreach ($plan as $id => $step) {
        $before[$id] = array_fill_keys($step->order->needs, true);
        foreach ($step->order->needs as $need) {
            $before[$id] += $before[$need];
        }
    }

    return $before;
}

/** @return iterable<array{EngineSheet, list<Errand>, BoreJob, array<string, Step>, array<string, array<string, true>>}> */
function composedPlans(int $from, int $to): iterable
{
    foreach (range($from, $to) as $seed) {
        $sheet = builtEngine($seed * 7919);
        $errands = Errand::on($sheet);
        $sets = [...array_map(static fn (Errand $errand): array => [$errand], $errands), array_slice($errands, 1, -1)];
        foreach ($sets as $index => $set) {
            $job = BoreJob::cases()[($seed + $index) % count(BoreJob::cases())];
            $basis = new Basis($set, bores: [$sheet->layout->cylinders[0]->id => $job]);
            $plan = Plan::of($sheet, $basis);
            yield "seed $seed, ".implode(' + ', array_column($set, 'value')).", $job->value" => [$sheet, $set, $job, $plan, beforehandIn($plan)];
        }
    }
}

/** Steps of the one sort that have to stand before those of the other: each pair shares what stands for "C" (a cylinder), "V", "B" or "S". */
const ORDERED = [
    ['read.compression.*', 'off.*'], ['off.piston.C', 'look.rod.C'], ['look.rod.C', 'on.piston.C'], ['read.bore.C', 'decide.bore.C'], ['decide.bore.C', 'order.parts'],
    ['decide.bore.*', 'decide.pairs'], ['work.bore.C', 'work.wash.C'], ['send.bore.C', 'work.wash.C'], ['work.wash.C', 'read.bore.C.again'],
    ['order.parts', 'read.bore.C.again'], ['read.bore.C.again', 'work.gaps.C'], ['work.gaps.C', 'on.ring.top.C'],
    ['on.ring.expander.C', 'on.ring.upper_rail.C'], ['on.ring.expander.C', 'on.ring.lower_rail.C'], ['on.ring.upper_rail.C', 'on.ring.second.C'],
    ['on.ring.lower_rail.C', 'on.ring.second.C'], ['on.ring.second.C', 'on.ring.top.C'], ['on.ring.oil.C', 'on.ring.top.C'],
    ['on.ring.top.C', 'on.piston.C'], ['on.clip-first.C', 'on.piston.C'], ['on.pin.C', 'on.clip-second.C'],
    ['off.marks{B}', 'off.tensioner{B}'], ['off.tensioner{B}', 'off.cam{B}'], ['off.marks{B}', 'off.cam{B}'],
    ['on.chain{B}', 'time.cam{B}'], ['on.cam{B}', 'time.cam{B}'], ['time.cam{B}', 'turn.timing{B}'], ['on.tensioner{B}', 'turn.timing{B}'],
    ['on.chain{B}', 'on.tensioner{B}'], ['pull.wheel{B}', 'turn.timing{B}'], ['decide.shims', 'on.shims'], ['on.shims', 'on.cam{B}'],
    ['read.lash.V', 'decide.shims'], ['off.lifters', 'off.cam'], ['on.cam', 'on.lifters'], ['on.lifters', 'on.rods.C'], ['on.rods.C', 'set.rods.C'],
    ['off.rods.C', 'off.lifters'], ['read.ignition', 'off.rotor'], ['off.rotor', 'set.ignition'], ['set.ignition', 'on.rotor'], ['on.rotor', 'pull.rotor'],
    ['pull.rotor', 'time.ignition'], ['read.ignition', 'set.ignition'], ['set.ignition', 'time.ignition'], ['fill.oil', 'fill.prime'],
    ['set.decompressor', 'set.lash.*ex'], ['clean.exhaust-valve', 'on.exhaust-valve'], ['off.exhaust-valve', 'clean.exhaust-valve'],
    ['pull.*', 'test.leak*'], ['set.*', 'hold.start'], ['time.*', 'hold.start'], ['fill.*', 'hold.start'], ['test.*', 'hold.start'], ['hold.start', 'start.first'],
    ['start.first', 'run.heat'], ['run.heat', 'run.recheck'], ['run.recheck', 'run.sheet'], ['read.deck.C', 'decide.deck{B}'], ['read.squish.C', 'decide.deck{B}'],
];

/** @return list<string> pairs of a plan that stand in no order, or in the wrong one */
function outOfOrder(EngineSheet $sheet, array $plan, array $before): array
{
    $wrong = [];
    foreach (ORDERED as [$first, $later]) {
        $firsts = preg_grep(patternOf($first), array_keys($plan));
        foreach (preg_grep(patternOf($later), array_keys($plan)) as $then) {
            foreach ($firsts as $one) {
                if ($one !== $then && shareAPlace($sheet, $plan, $one, $then, $first.$later) && ! isset($before[$then][$one])) {
                    $wrong[] = "$one < $then";
                }
            }
        }
    }

    return $wrong;
}

function patternOf(string $sort): string
{
    return '/^'.strtr(preg_quote($sort, '/'), ['\\*' => '.*', 'C' => '[^.]+', 'V' => '[^.]+', '\\{B\\}' => '(\\.[^.]+)?']).'$/';
}

function shareAPlace(EngineSheet $sheet, array $plan, string $one, string $other, string $sorts): bool
{
    if (! str_contains($sorts, 'C') && ! str_contains($sorts, '{B}')) {
        return true;
    }
    $cylinders = static function (string $id) use ($sheet, $plan): array {
        $of = $plan[$id]->place->cylinder;

        return $of === null ? ($sheet->stack->named($plan[$id]->place->slab)->cylinders ?? []) : [$of];
    };

    return array_intersect($cylinders($one), $cylinders($other)) !== [];
}

it('holds the order of physics in every plan that can be composed', function (int $from) {
    foreach (composedPlans($from, $from + 7) as $name => [$sheet, , , $plan, $before]) {
        expect(outOfOrder($sheet, $plan, $before))->toBe([], $name);
    }
})->with([1, 13, 25, 37, 49]);

it('puts on what it takes off, behind its hold and with its pull, on what lies under it', function (int $from) {
    foreach (composedPlans($from, $from + 7) as $name => [$sheet, $set, , $plan, $before]) {
        foreach ($sheet->stack->slabs as $slab) {
            $off = isset($plan['off.'.$slab->id]);
            $on = isset($plan['on.'.$slab->id]);
            if ($set !== [Errand::PutTogether]) {
                expect($on)->toBe($off, "$name: $slab->id");
            }
            if (! $on) {
                continue;
            }
            expect(isset($before['on.'.$slab->id]['hold.'.$slab->id]))->toBe(! $slab->kind->isGasket(), "$name: hold of $slab->id");
            expect(isset($plan['pull.'.$slab->id]))->toBe($sheet->stack->isPulled($slab), "$name: pull of $slab->id");
            foreach ($slab->on as $under) {
                if (isset($plan['on.'.$under]) && $slab->kind !== SlabKind::ExhaustValveCover) {
                    expect($before['on.'.$slab->id])->toHaveKey('on.'.$under, "$name: $slab->id on $under");
                    $pulledLater = array_filter($sheet->stack->named($under)->pulledAfter, static fn (string $over): bool => $over === $slab->id || $sheet->stack->standsOn($over, $slab->id));
                    if ($pulledLater === [] && isset($plan['pull.'.$under])) {
                        expect($before['on.'.$slab->id])->toHaveKey('pull.'.$under, "$name: $slab->id on the pulled $under");
                    }
                }
            }
            if ($off) {
                foreach ($sheet->stack->above($slab->id) as $over) {
                    expect($before['off.'.$slab->id])->toHaveKey('off.'.$over, $name);
                }
            }
        }
    }
})->with([61, 73, 85]);

it('has no step of a part that the engine has not', function (int $from) {
    foreach (composedPlans($from, $from + 7) as $name => [$sheet, $set, $job, $plan]) {
        $ids = array_keys($plan);
        $none = static fn (bool $has, string $pattern) => $has ? null : expect(array_values(preg_grep($pattern, $ids)))->toBe([], $name);
        $train = $sheet->valveTrain;
        $hydraulic = $train->adjustment?->value === 'hydraulic';
        $none(! $hydraulic && $train->valves !== [], '/lash/');
        $none($hydraulic && $train->gear->value === 'pushrod', '/^set\.rods/');
        $none($sheet->limitsFor('squish') !== [], '/squish/');
        $none($sheet->limitsFor('deck') !== [], '/^read\.deck/');
        $none($sheet->ignition->setBy->value !== 'nothing', '/ignition/');
        $none($sheet->ignition->setBy->value === 'plate', '/rotor/');
        $none($sheet->lubricating->by->value === 'pressure', '/^(look\.jets|fill\.prime)/');
        $none($sheet->lubricating->by->value !== 'fuel', '/^fill\.oil/');
        $none($sheet->lubricating->by->value === 'fuel' && $set === [Errand::PutTogether], '/gear-oil/');
        $none($sheet->layout->cooling->value === 'liquid', '/coolant/');
        $none($sheet->runIn->headRecheck, '/recheck/');
        $none($train->hasChain(), '/tensioner|on\.chain/');
        $none($sheet->exhaustValve, '/exhaust-valve$/');
        $none($sheet->piston->circlips, '/clip-/');
        $none($job !== BoreJob::Keep, '/\.again$/');
        $none($train->hasCamInHead() || isset($plan['off.chest']) || isset($plan['on.chest']), '/^(off|on|read|time)\.cam/');
        $none(! in_array(Errand::PutTogether, $set, true) || count($set) > 1, '/^off\./');
    }
})->with([97, 109, 121]);

it('adds nothing that a wider errand has not, and joins errands without losing a step', function (int $from) {
    foreach (range($from, $from + 11) as $seed) {
        $sheet = builtEngine($seed * 7919);
        $ids = static fn (Errand ...$errands): array => array_keys(Plan::of($sheet, new Basis(array_values($errands))));
        $errands = array_filter(Errand::on($sheet), static fn (Errand $errand): bool => $errand !== Errand::PutTogether);
        $all = $ids(...$errands);
        foreach ($errands as $errand) {
            expect(array_values(array_diff($ids($errand), $all)))->toBe([], "seed $seed: $errand->value within all");
            $chest = $errand === Errand::CamChest || ($errand === Errand::Cam && ! $sheet->valveTrain->hasCamInHead());
            if (! $chest && $errand !== Errand::Ignition) {
                expect(array_values(array_diff($ids($errand), $ids(Errand::TopEnd))))->toBe([], "seed $seed: $errand->value within the top end");
            }
        }
    }
})->with([1, 26]);

it('lets one column be closed before the other is opened', function () {
    foreach (composedPlans(1, 40) as $name => [$sheet, , $job, $plan, $before]) {
        $barrels = $sheet->stack->all(SlabKind::Barrel);
        if (count($barrels) < 2 || $job !== BoreJob::Keep || $sheet->exhaustValve) {
            continue;
        }
        foreach ($barrels as $index => $barrel) {
            $other = $barrels[1 - $index];
            $foreign = array_filter(array_keys($before['on.'.$barrel->id] ?? []), static fn (string $id): bool => array_intersect($sheet->stack->named($plan[$id]->place->slab)->cylinders, $barrel->cylinders) === []
                && ! str_starts_with($id, 'read.compression'));
            expect(array_values($foreign))->toBe([], "$name: $barrel->id waits for $other->id");
        }
    }
});

it('asks of a blanked-off exhaust valve only that its plates are on', function () {
    $sheet = demoSheet('skarn-594', static fn (stdClass $sheet) => $sheet->exhaust_valve = 'blanked off');
    $plan = Plan::of($sheet);
    expect(preg_grep('/exhaust-valve/', array_keys($plan)))->toBe([])
        ->and(array_values(preg_grep('/Blanking plates/', $plan['hold.barrel']->asks->items)))->toHaveCount(1)
        ->and(in_array(Errand::ExhaustValve, Errand::on($sheet), true))->toBeFalse();
});
