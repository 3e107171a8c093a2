<?php

use Moltrek\Core\Fitting\BoreJob;
use Moltrek\Core\Planning\Basis;
use Moltrek\Core\Planning\Errand;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\CamEntry;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Joining;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\ValveGear;

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

/**
 * Steps of the one sort that have to stand before those of the other: each pair shares what stands for "C" (a cylinder), "V", "B" or
 * "S". Before the bar, what an engine has to be for it.
 */
const ORDERED = [
    // down
    ['off.plug.*', 'read.compression.*'], ['off.plug.*', 'read.lash.*'], ['off.plug.*', 'off.marks{B}'], ['off.plug.C', 'off.head*'],
    ['read.compression.*', 'off.cover*'], ['read.compression.*', 'off.head*'], ['read.lash.V', 'off.cam{B}'], ['read.lash.V', 'off.holder*'],
    ['read.lash.V', 'off.box*'], ['off.marks{B}', 'off.tensioner{B}'], ['off.tensioner{B}', 'off.cam{B}'], ['off.marks{B}', 'off.cam{B}'],
    ['off.cam{B}', 'off.shims{B}'], ['off.shims{B}', 'off.head*'], ['off.exhaust-linkage', 'off.exhaust-valve'],
    ['off.exhaust-linkage', 'off.barrel*'], ['lifters|off.rods.C', 'off.lifter-cover'], ['lifters|off.lifter-cover', 'off.lifters'], ['off.rods.C', 'off.lifters'],
    ['off.lifters', 'off.cam'], ['off.rods.C', 'off.head*'], ['chest|off.chest', 'off.marks'], ['chest|off.marks', 'off.cam'],
    ['upper case|off.head{B}', 'look.rod.C'], ['upper case|look.rod.C', 'off.rod-cap.C'], ['upper case|off.rod-cap.C', 'off.piston.C'],
    ['upper case|off.piston.C', 'off.barrel*'], ['lowered or bench|off.barrel*', 'off.piston.C'],
    // bench
    ['lowered or bench|off.piston.C', 'look.rod.C'], ['look.rod.C', 'on.piston.C'], ['read.bore.C', 'decide.bore.C'], ['decide.bore.C', 'order.parts'],
    ['decide.bore.*', 'decide.pairs'], ['work.bore.C', 'work.wash.C'], ['send.bore.C', 'work.wash.C'], ['work.wash.C', 'read.bore.C.again'],
    ['order.parts', 'read.bore.C.again'], ['read.bore.C.again', 'work.gaps.C'], ['work.gaps.C', 'on.ring.top.C'], ['work.wash.C', 'hold.barrel*'],
    ['seats in a block|work.valves*', 'work.wash.C'], ['ground|work.valves*', 'set.lash.V'], ['ground|set.lash.V', 'hold.head*'],
    ['ground|turn.barrel*', 'set.lash.V'], ['off.exhaust-valve', 'clean.exhaust-valve'], ['clean.exhaust-valve', 'on.exhaust-valve'],
    ['barrel off|on.exhaust-valve', 'hold.barrel*'], ['on.barrel*', 'on.exhaust-linkage'], ['pull.barrel*', 'on.exhaust-linkage'],
    ['on.exhaust-valve', 'on.exhaust-linkage'], ['on.exhaust-linkage', 'test.leak'],
    // rings and joining
    ['on.ring.expander.C', 'on.ring.upper_rail.C'], ['on.ring.expander.C', 'on.ring.lower_rail.C'], ['on.ring.upper_rail.C', 'on.ring.second.C'],
    ['on.ring.lower_rail.C', 'on.ring.second.C'], ['on.ring.second.C', 'on.ring.top.C'], ['on.ring.oil.C', 'on.ring.top.C'],
    ['on.ring.top.C', 'on.piston.C'], ['on.clip-first.C', 'on.piston.C'], ['on.clip-first.C', 'on.pin.C'], ['on.pin.C', 'on.clip-second.C'],
    ['lowered or bench|on.piston.C', 'on.pin.C'], ['lowered or bench|on.clip-second.C', 'hold.barrel*'], ['bench|on.base-gasket*', 'on.pin.C'],
    ['upper case|on.clip-second.C', 'on.piston.C'], ['upper case|on.piston.C', 'on.crank'], ['upper case|on.crank', 'on.rod-cap.C'],
    ['upper case|on.piston.C', 'read.shell.C'], ['upper case|read.shell.C', 'on.rod-cap.C'], ['crank out|on.rod-cap.C', 'hold.barrel*'],
    ['crank in|pull.barrel*', 'on.piston.C'], ['on.piston.C', 'turn.barrel*'], ['on.rod-cap.C', 'turn.barrel*'], ['on.barrel*', 'turn.barrel*'],
    ['pull.barrel*', 'turn.barrel*'], ['turn.barrel*', 'read.deck.C'], ['turn.barrel*', 'on.head-gasket*'], ['turn.barrel*', 'on.head*'],
    // head and cams
    ['read.deck.C', 'decide.deck{B}'], ['read.squish.C', 'decide.deck{B}'], ['decide.deck{B}', 'on.head-gasket*'], ['decide.deck{B}', 'hold.head*'],
    ['on.head*', 'pull.head*'], ['on.cam{B}', 'on.holder*'], ['holder|pull.holder*', 'time.cam{B}'],
    ['endless, fixed|on.chain{B}', 'pull.holder*'], ['split|pull.holder*', 'on.chain{B}'], ['bolted|on.chain{B}', 'pull.wheel{B}'],
    ['bolted|on.cam{B}', 'pull.wheel{B}'], ['bolted caps|pull.holder*', 'pull.wheel{B}'], ['through wheel|on.chain{B}', 'on.cam{B}'],
    ['on.chain{B}', 'on.tensioner{B}'], ['on.cam{B}', 'on.tensioner{B}'], ['holder|pull.holder*', 'on.tensioner{B}'], ['in reach|pull.wheel{B}', 'on.tensioner{B}'],
    ['on.tensioner{B}', 'time.cam{B}'], ['by turning|time.cam{B}', 'pull.wheel{B}'], ['on.chain{B}', 'time.cam{B}'], ['on.cam{B}', 'time.cam{B}'],
    ['time.cam{B}', 'turn.timing{B}'], ['pull.wheel{B}', 'turn.timing{B}'], ['turn.timing{B}', 'set.lash.V'], ['turn.timing{B}', 'hold.cover*'],
    ['read.lash.V', 'decide.shims'], ['work.valves*', 'decide.shims'], ['decide.shims', 'on.shims{B}'], ['off.shims{B}', 'on.shims{B}'],
    ['on.shims{B}', 'on.cam{B}'], ['on.cam', 'on.lifters'], ['on.lifters', 'on.rods.C'], ['fixed rods|on.rods.C', 'hold.box*'],
    ['on.rods.C', 'set.rods.C'], ['pull.box*', 'set.rods.C'], ['on.box*', 'set.rods.C'], ['pull.box*', 'set.lash.V'], ['on.rods.C', 'set.lash.V'],
    ['chest|time.cam', 'hold.chest'], ['lifters|on.lifters', 'hold.lifter-cover'], ['lifters|on.lifter-cover', 'on.rods.C'],
    ['set.decompressor', 'set.lash.*ex'], ['set.lash.V', 'hold.cover*'], ['set.rods.C', 'hold.cover*'],
    // closing
    ['read.ignition', 'off.rotor'], ['off.rotor', 'set.ignition'], ['set.ignition', 'on.rotor'], ['on.rotor', 'pull.rotor'],
    ['pull.rotor', 'time.ignition'], ['read.ignition', 'set.ignition'], ['set.ignition', 'time.ignition'], ['pull.head*', 'read.ignition'],
    ['fill.oil', 'fill.prime'], ['pull.head*', 'on.plug.C'], ['turn.*', 'on.plug.*'], ['time.*', 'on.plug.*'], ['fill.prime', 'on.plug.*'],
    ['test.leak-down', 'on.plug.*'], ['on.plug.*', 'test.leak'], ['on.plug.*', 'hold.start'], ['on.side', 'fill.gear-oil'],
    ['pull.*', 'test.leak*'], ['set.*', 'hold.start'], ['time.*', 'hold.start'], ['fill.*', 'hold.start'], ['test.*', 'hold.start'], ['hold.start', 'start.first'],
    ['start.first', 'run.heat'], ['run.heat', 'run.recheck'], ['run.recheck', 'run.sheet'], ['run.heat', 'run.sheet'],
];

/** Whether an engine is so that an order is of it. */
function isSo(EngineSheet $sheet, array $plan, string $how): bool
{
    $train = $sheet->valveTrain;
    $joining = $sheet->barrel->joining;
    $shares = array_filter($sheet->stack->slabs, static fn (Slab $slab): bool => $slab->pulledAfter !== []) !== [];
    $isUpper = $joining === Joining::UpperCase;
    $capped = $train->camEntry === CamEntry::Caps;

    return match ($how) {
        'upper case' => $isUpper,
        'lowered or bench' => ! $isUpper,
        'bench' => $joining === Joining::IntoBarrel,
        'crank out' => $isUpper && isset($plan['on.crank']),
        'crank in' => $isUpper && ! isset($plan['on.crank']),
        'seats in a block' => $train->gear === ValveGear::Side,
        'ground' => $train->adjustment === Adjustment::GroundStem,
        'barrel off' => $sheet->exhaustValve?->isReachedFromOutside === false,
        'holder' => $capped,
        'endless, fixed' => $capped && ! $train->splitChain && ! $train->boltedWheel,
        'split' => $capped && $train->splitChain,
        'bolted' => $train->boltedWheel,
        'bolted caps' => $capped && $train->boltedWheel && ! $shares,
        'through wheel' => $train->camEntry === CamEntry::ThroughWheel,
        'in reach' => ! $train->boltByTurning,
        'by turning' => $train->boltByTurning,
        'fixed rods' => ! $train->adjustableRods,
        'chest' => isset($plan['on.chest']) && $train->marksBehind === null,
        'lifters' => isset($plan['on.lifter-cover']) && $train->marksBehind === null,
        default => throw new LogicException($how),
    };
}

/** @return list<string> pairs of a plan that stand in no order, or in the wrong one */
function outOfOrder(EngineSheet $sheet, array $plan, array $before): array
{
    $wrong = [];
    foreach (ORDERED as [$first, $later]) {
        [$how, $first] = str_contains($first, '|') ? explode('|', $first) : [null, $first];
        if ($how !== null && ! isSo($sheet, $plan, $how)) {
            continue;
        }
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
    // a pair of which one stands for many is of the whole engine
    if (str_contains($sorts, '.*')) {
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
            expect(isset($plan['pull.'.$slab->id]))->toBe(hasPull($sheet, $slab), "$name: pull of $slab->id");
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

/** Listed fasteners; listed or not a head, what holds cams down, an upper case, a joint of sealant; never a gasket. */
function hasPull(EngineSheet $sheet, Slab $slab): bool
{
    if (in_array($slab->kind, [SlabKind::BaseGasket, SlabKind::HeadGasket], true)) {
        return false;
    }
    $sharesNone = array_filter($sheet->stack->slabs, static fn (Slab $other): bool => in_array($slab->id, $other->pulledAfter, true)) === [];
    $holder = $slab->kind === SlabKind::CamHolder || ($slab->kind === SlabKind::ValveGear && $sheet->valveTrain->camEntry === CamEntry::Caps);

    return $sheet->stack->fastenersOf($slab->id) !== [] || $slab->kind === SlabKind::Head
        || ($sharesNone && ($holder || $slab->seal?->value === 'sealant' || ($slab->kind === SlabKind::Barrel && $sheet->barrel->joining === Joining::UpperCase)));
}

it('lets nothing come between a bead and its pull', function (int $from) {
    foreach (composedPlans($from, $from + 7) as $name => [$sheet, , , $plan, $before]) {
        foreach ($sheet->stack->slabs as $slab) {
            [$on, $pull] = ["on.$slab->id", "pull.$slab->id"];
            if ($slab->seal?->value !== 'sealant' || ! isset($plan[$on], $plan[$pull])) {
                continue;
            }
            foreach (array_keys($plan) as $id) {
                if ($id !== $pull && isset($before[$id][$on])) {
                    expect(isset($before[$id][$pull]) || isset($before[$pull][$id]))->toBeTrue("$name: $id between $on and $pull");
                }
            }
        }
    }
})->with([133, 145, 157]);

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
        $none($sheet->exhaustValve !== null, '/exhaust-/');
        $none($sheet->piston->circlips, '/clip-/');
        $none($job !== BoreJob::Keep, '/\.again$/');
        $none($train->hasCamInHead() || isset($plan['off.chest']) || isset($plan['on.chest']), '/^(off|on|read|time)\.cam/');
        $none(! in_array(Errand::PutTogether, $set, true), '/^(off\.|decide\.shims|read\.(lash|compression|ignition))/');
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
        if (count($barrels) < 2 || $job !== BoreJob::Keep || $sheet->exhaustValve !== null) {
            continue;
        }
        foreach ($barrels as $index => $barrel) {
            $other = $barrels[1 - $index];
            $foreign = array_filter(array_keys($before['on.'.$barrel->id] ?? []), static fn (string $id): bool => array_intersect($sheet->stack->named($plan[$id]->place->slab)->cylinders, $barrel->cylinders) === []
                && ! str_starts_with($id, 'read.compression') && ! str_starts_with($id, 'off.plug'));
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

it('has a plan that ends for every errand of a sheet that shuts parts in, traps them or lets them fall', function (int $from) {
    foreach (range($from, $from + 14) as $seed) {
        $dice = new EngineDice($seed * 4099);
        $document = json_decode(json_encode(engineDocument($dice)));
        $whole = Plan::of(EngineSheet::read($document), new Basis(array_values(array_filter(Errand::on(EngineSheet::read($document)), static fn (Errand $errand): bool => $errand !== Errand::PutTogether))));
        $before = beforehandIn($whole);
        $ids = array_values(array_filter(array_keys($whole), static fn (string $id): bool => count($before[$id]) > 0));
        $access = [];
        foreach ($dice->either(['must be in before'], ['cannot be reached after', 'the maker asks for it first'], ['goes into the part before the part goes in']) as $kind) {
            $then = $ids[$dice->upTo(count($ids))];
            $access[] = ['kind' => $kind, 'first' => $dice->either(...array_keys($before[$then])), 'then' => $then, 'why' => 'it is built so'];
        }
        $ons = array_values(array_filter(array_keys($whole), static fn (string $id): bool => $whole[$id]->order->hold !== null && str_starts_with($id, 'on.') && isset($whole['off'.substr($id, 2)])));
        $access[] = ['kind' => 'trapped at both ends', 'what' => 'the guide', 'then' => $ons[0], 'why' => 'a slot below, a pocket above'];
        $access[] = ['kind' => 'loose, and falls when the part is lifted', 'what' => 'the shield', 'then' => str_replace('on.', 'off.', $ons[0]), 'why' => 'tape it'];
        $access[] = ['kind' => 'goes into the part before the part goes in', 'what' => 'the long bolt', 'then' => $ons[0], 'why' => 'the frame is over it'];
        $document->plan = json_decode(json_encode(['access' => $access]));
        $sheet = EngineSheet::read($document);
        foreach (Errand::on($sheet) as $errand) {
            $plan = Plan::of($sheet, new Basis([$errand]));
            expect($plan)->not->toBe([], "seed $seed: $errand->value");
            $hold = $plan[$ons[0]] ?? null;
            if ($hold !== null) {
                expect(implode(' | ', $plan[$hold->order->hold]->asks->items))->toContain('The guide seen at both ends', 'The long bolt in');
            }
        }
    }
})->with([1, 16]);
