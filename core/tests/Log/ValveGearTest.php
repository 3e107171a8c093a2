<?php

use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Planning\RunningWait;
use Moltrek\Core\Log\ValveGear\RodLoop;
use Moltrek\Core\Log\ValveGear\ShimLoop;
use Moltrek\Core\Log\ValveGear\ShimTask;
use Moltrek\Core\Planning\Basis;
use Moltrek\Core\Planning\Errand;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\ValveGear\LashPosition;
use Moltrek\Core\ValveGear\PooledShim;
use Moltrek\Core\ValveGear\ValveOrder;

/** A machine that came in whole for its valve clearance, and what was entered at it minute by minute. */
function atTheValves(EngineSheet $sheet, array $acts, int $now = 0): BuildState
{
    $at = new DateTimeImmutable('2026-11-24T08:00:00Z');
    $entries = [Entry::stored('0', 'job_opened', json_decode(json_encode(['condition' => 'whole', 'errands' => ['valve clearance']])), $at, 'TW')];
    foreach ($acts as $index => $act) {
        $at = $at->modify('+'.($act[2] ?? 1).' minutes');
        $entries[] = enteredAs(sprintf('%04d', $index + 1), $act, $at, $sheet, $entries);
    }

    return Build::replay($sheet, $entries, $at->modify("+$now minutes"));
}

/** @return list<array> steps of this errand whose ids begin so, ticked in their order */
function ticked(EngineSheet $sheet, string ...$verbs): array
{
    $plan = Plan::of($sheet, new Basis([Errand::ValveClearance]));
    $ids = array_filter(array_keys($plan), fn (string $id): bool => in_array(explode('.', $id)[0], $verbs, true));

    return array_map(fn (string $id): array => ['step_done', ['step' => $id]], array_values($ids));
}

/** Sixteen clearances, all of them inside but those that are named. */
function lashOfFour(array $other = []): array
{
    $acts = [];
    foreach (demoSheet('ostrel-608')->valveTrain->valves as $valve) {
        [$passes, $refuses] = $other[$valve->id] ?? ($valve->side->value === 'inlet' ? ['0.18', '0.20'] : ['0.22', '0.25']);
        $acts[] = ['reading_taken', ['spot' => "valve_lash.$valve->cylinder.$valve->id", 'reading' => ['passes' => "$passes mm", 'refuses' => "$refuses mm"]]];
    }

    return $acts;
}

/** Cover off, all read, down to the cams. */
function camsOut(array $other): array
{
    $off = ticked(demoSheet('ostrel-608'), 'off');

    return [$off[0], ...lashOfFour($other), ...array_slice($off, 1)];
}

it('goes round with shims: read, one plan, fitted, read again', function () {
    $sheet = demoSheet('ostrel-608');
    $loop = fn (array $acts): ShimLoop => new ShimLoop(atTheValves($sheet, $acts));
    expect($loop([])->task())->toBe(ShimTask::Read)->and($loop([])->headline())->toBe('16 clearances to read');

    // 1in1 was read between 0.10 and 0.12, and is to lie between 0.16 and 0.20
    $acts = camsOut(['1in1' => ['0.10', '0.12']]);
    expect($loop($acts)->task())->toBe(ShimTask::Shims)->and($loop($acts)->headline())->toBe('1 shim to read');

    $acts[] = ['shim_read', ['valve' => '1in1', 'size' => '2.50 mm']];
    $acts[] = ['shim_read', ['valve' => '2in1', 'size' => '2.45 mm']];
    // new = 2.50 + (0.11 − 0.18) = 2.43; of those sold every 0.025 the nearest is 2.425: 0.175 to 0.195 after it
    $plan = $loop($acts)->plan([], Aim::Middle, false);
    expect(ShimLoop::toBuy($plan))->toBe([['Shim 2.425 mm', 1]])
        ->and($plan->changes[0]->valve->with($plan->changes[0]->to))->toBe([175000.0, 195000.0])
        // one that lies there is taken before one is bought
        ->and(ShimLoop::toBuy($loop($acts)->plan([new PooledShim(2_430_000)], Aim::Middle, false)))->toBe([]);

    $acts[] = ['shims_decided', ['shims' => [['valve' => '1in1', 'size' => '2.425 mm', 'source' => 'bought']]]];
    $state = atTheValves($sheet, $acts);
    expect(stateOf($state, 'decide.shims'))->toBe('done')->and(stateOf($state, 'on.shims'))->toBe('ready')
        ->and((new ShimLoop($state))->headline())->toBe('1 shim to fit, 1 of the plan bought');
    $acts[] = ['shim_fitted', ['valve' => '1in1', 'size' => '2.425 mm', 'source' => 'bought']];
    $state = atTheValves($sheet, $acts);
    expect(stateOf($state, 'on.shims'))->toBe('done')->and((new ShimLoop($state))->task())->toBe(ShimTask::ReadAgain);

    array_push($acts, ...ticked($sheet, 'on', 'pull', 'time', 'turn'));
    $again = lashOfFour(['1in1' => ['0.12', '0.15']]);
    $state = atTheValves($sheet, [...$acts, ...$again]);
    // it came out at 0.12 to 0.15: the shim that is in is 2.425 now, and the next round goes on from it
    expect((new ShimLoop($state))->task())->toBe(ShimTask::Decide)
        ->and((new ShimLoop($state))->shim($sheet->valveTrain->valves[0])?->written())->toBe('2.425 mm');
    $state = atTheValves($sheet, [...$acts, ...lashOfFour()]);
    expect((new ShimLoop($state))->task())->toBe(ShimTask::Done)->and(stateOf($state, 'set.lash.1in1'))->toBe('done');
});

it('has on order with the plan what has to be bought, once, and not where the log is of before', function (array $more, array $before, array $onOrder) {
    $sheet = demoSheet('ostrel-608');
    $bought = static fn (string $valve): array => ['valve' => $valve, 'size' => '2.425 mm', 'source' => 'bought'];
    $acts = [...$before, ['shims_decided', ['shims' => [$bought('1in1'), $bought('2in1'), ['valve' => '3in1', 'size' => '2.40 mm', 'source' => 'shelf']]] + $more]];
    $state = atTheValves($sheet, $acts);
    expect(array_column($state->parts->onOrder(), 'part'))->toBe($onOrder);
    $struck = atTheValves($sheet, [...$acts, ['entry_struck', ['entry' => sprintf('%04d', count($acts)), 'reason' => 'another']]]);
    expect(array_column($struck->parts->onOrder(), 'part'))->toBe(array_column(array_column($before, 1), 'part'));
})->with([
    'one size for two valves' => [['orders' => true], [], ['Shim 2.425 mm']],
    'a plan of before' => [[], [], []],
    'on order already, from a shelf of another' => [['orders' => true], [['part_ordered', ['part' => 'Shim 2.425 mm']]], ['Shim 2.425 mm']],
]);

it('leaves over what no valve got, and counts it onto the shelf once for a plan', function () {
    $sheet = demoSheet('ostrel-608');
    // 1in1 gives its 2.50 to 2in1, whose 2.45 nobody gets; a new one goes under 1in1
    $acts = [
        ...camsOut(['1in1' => ['0.10', '0.12'], '2in1' => ['0.24', '0.25']]),
        ['shim_read', ['valve' => '1in1', 'size' => '2.50 mm']], ['shim_read', ['valve' => '2in1', 'size' => '2.45 mm']],
        ['shims_decided', ['shims' => [
            ['valve' => '1in1', 'size' => '2.425 mm', 'source' => 'bought'], ['valve' => '2in1', 'size' => '2.50 mm', 'source' => 'moved', 'whose' => '1in1'],
        ]]],
    ];
    $plan = (string) atTheValves($sheet, $acts)->clearances->decidedBy()?->id;
    $shelve = fn (string $plan, array $sizes): array => ['shims_shelved', ['plan' => $plan, 'sizes' => $sizes]];
    $sizes = fn (array $acts): array => array_map(fn (Length $size): string => $size->written(), atTheValves($sheet, $acts)->clearances->leftOver());
    expect($sizes($acts))->toBe(['2.45 mm']);
    $refusal = function (array $acts, array $act) use ($sheet): string {
        try {
            Before::of(atTheValves($sheet, $acts))->enter($act[0], (object) $act[1]);
        } catch (Refusal $refusal) {
            return $refusal->getMessage();
        }

        return 'taken';
    };
    expect($refusal($acts, $shelve($plan, ['2.45 mm'])))->toContain('Not every shim of the plan is in yet');
    $acts[] = ['shim_fitted', ['valve' => '1in1', 'size' => '2.425 mm', 'source' => 'bought']];
    $acts[] = ['shim_fitted', ['valve' => '2in1', 'size' => '2.50 mm', 'source' => 'moved', 'whose' => '1in1']];
    expect($sizes($acts))->toBe(['2.45 mm'])
        ->and($refusal($acts, $shelve($plan, ['2.50 mm'])))->not->toBe('taken')
        ->and($refusal($acts, $shelve('another', ['2.45 mm'])))->not->toBe('taken')
        ->and($refusal($acts, $shelve($plan, [])))->not->toBe('taken')
        ->and($refusal($acts, $shelve($plan, ['2.45 mm'])))->toBe('taken');
    $acts[] = $shelve($plan, ['2.45 mm']);
    expect(atTheValves($sheet, $acts)->clearances->shelvedBy())->not->toBeNull()
        ->and($refusal($acts, $shelve($plan, ['2.45 mm'])))->toContain('lies on the shelf already');
});

it('keeps the reading as found by the shim that was in then', function () {
    $sheet = demoSheet('ostrel-608');
    $acts = [...camsOut(['1in1' => ['0.10', '0.12']]), ['shim_read', ['valve' => '1in1', 'size' => '2.50 mm']], ['shim_fitted', ['valve' => '1in1', 'size' => '2.40 mm', 'source' => 'bought']]];
    $state = atTheValves($sheet, $acts);
    [$first] = $sheet->valveTrain->valves;
    expect((new ShimLoop($state))->shim($first)?->written())->toBe('2.50 mm')->and($state->clearances->shimOf('1in1')?->written())->toBe('2.40 mm');
});

it('refuses what cannot be', function (string $engine, array $act, string $field, string $why) {
    $before = fn () => atTheValves(demoSheet($engine), [$act]);
    expect($before)->toThrow(function (Refusal $refusal) use ($field, $why): void {
        expect($refusal->toArray()['field'])->toBe($field)->and($refusal->getMessage().' '.$refusal->toArray()['allowed'])->toContain($why);
    });
})->with([
    'a shim of no valve' => ['ostrel-608', ['shim_read', ['valve' => '5in1', 'size' => '2.4 mm']], 'valve', 'a valve of this engine: 1in1'],
    'ten times too thick' => ['ostrel-608', ['shim_read', ['valve' => '1in1', 'size' => '24 mm']], 'size', 'at most 10 mm'],
    'shims on an engine with screws' => ['harbick-421', ['shims_decided', ['shims' => []]], 'shims', 'a job on which shims are changed'],
    'a valve twice' => ['ostrel-608', ['shims_decided', ['shims' => [['valve' => '1in1', 'size' => '2.4 mm', 'source' => 'shelf'], ['valve' => '1in1', 'size' => '2.5 mm', 'source' => 'shelf']]]], 'shims.1.valve', 'each valve once'],
    'a stem where screws set' => ['harbick-421', ['stem_ground', ['valve' => '1in', 'taken' => '0.02 mm']], 'valve', 'an engine with ground stems'],
    'a millimetre off a stem' => ['dunmoor-208sv', ['stem_ground', ['valve' => '1in', 'taken' => '1.2 mm']], 'taken', 'at most 1 mm'],
    'loose that was not read' => ['harbick-421', ['left_loose', ['valves' => ['1ex'], 'reason' => 'x', 'recheck' => ['what' => 'x', 'days' => 3]]], 'valves', 'has not been read loose'],
    'again, and never' => ['harbick-421', ['left_loose', ['valves' => ['1ex'], 'reason' => 'x', 'recheck' => ['what' => 'x']]], 'recheck', 'hours, days, or both'],
    'a decompressor that is none' => ['ferrant-738', ['decompressor_set', ['slack' => '1 mm']], 'slack', 'no decompressor'],
    'rods exchanged' => ['ferrant-738', ['rod_read', ['valve' => '1in', 'length' => '166.0 mm']], 'length', 'That is the length of an exhaust rod (165.90 mm): inlet and exhaust are exchanged.'],
    'fixed rods let out' => ['pellgrove-1092', ['rods_let_out', ['cylinder' => 'front', 'flats' => 18]], 'flats', 'no thread'],
    'rods of no cylinder' => ['pellgrove-1092', ['rods_spin', ['cylinder' => 'left', 'valves' => []]], 'cylinder', 'a cylinder of this engine'],
    'parts in no stated order' => ['ostrel-608', ['order_seen', ['stack' => 'tube', 'valve' => '1in1']], 'stack', 'parts whose order the sheet states'],
]);

it('sets by screw after the reading as found: the second reading is the one that counts', function () {
    $sheet = demoSheet('harbick-421');
    $read = fn (string $passes, string $refuses): array => ['reading_taken', ['spot' => 'valve_lash.1.1in', 'reading' => ['passes' => "$passes mm", 'refuses' => "$refuses mm"]]];
    $found = [['step_done', ['step' => 'off.cover']], $read('0.20', '0.22')];
    $state = atTheValves($sheet, $found);
    expect(stateOf($state, 'read.lash.1in'))->toBe('done')->and(stateOf($state, 'set.lash.1in'))->not->toBe('done');
    $set = atTheValves($sheet, [...$found, $read('0.08', '0.10')]);
    expect(stateOf($set, 'read.lash.1in'))->toBe('done')->and(stateOf($set, 'set.lash.1in'))->toBe('done');
});

it('sets stems by grinding: what was read before is no more the clearance', function () {
    $sheet = demoSheet('dunmoor-208sv');
    $read = fn (string $passes, string $refuses): array => ['reading_taken', ['spot' => 'valve_lash.1.1ex', 'reading' => ['passes' => "$passes mm", 'refuses' => "$refuses mm"]]];
    $acts = [['act_done', ['act' => 'cam out']], $read('0.15', '0.18'), ['stem_ground', ['valve' => '1ex', 'taken' => '0.05 mm']]];
    $state = atTheValves($sheet, $acts);
    expect($state->readings->at('valve_lash.1.1ex'))->toBeNull()->and($state->readings->staleAt('valve_lash.1.1ex')?->why)->toBe('stem ground since')
        ->and($state->clearances->groundBy('1ex'))->toHaveCount(1);
    $again = atTheValves($sheet, [...$acts, $read('0.23', '0.25')]);
    expect($again->verdicts->of('valve_lash.1.1ex')?->verdict?->state->value)->toBe('within');
});

it('leaves valves loose on purpose, and asks for them again on a day', function () {
    $sheet = demoSheet('harbick-421');
    $acts = [['step_done', ['step' => 'off.cover']], ['reading_taken', ['spot' => 'valve_lash.1.1ex', 'reading' => ['passes' => '0.22 mm', 'refuses' => '0.25 mm']]],
        ['left_loose', ['valves' => ['1ex'], 'reason' => 'seat just cut', 'recheck' => ['what' => 'Clearance, cold', 'hours' => '6 h', 'days' => 30]]]];
    $state = atTheValves($sheet, $acts);
    expect($state->decisions->acceptanceOf('valve_lash.1.1ex')?->kind())->toBe('left_loose')
        ->and($state->runIn->due())->toHaveCount(1)
        // 6 h at 3 h a week are two weeks, sooner than thirty days
        ->and($state->runIn->due()[0]->recheck->dueIn(3))->toBe(14)->and($state->runIn->due()[0]->recheck->dueIn(1))->toBe(30);
});

it('has the decompressor free before the clearance that it falsifies', function (string $slack, string $after) {
    $sheet = demoSheet('harbick-421');
    $plan = array_keys(Plan::of($sheet, new Basis([Errand::ValveClearance])));
    expect($plan)->toContain('set.decompressor');
    $state = atTheValves($sheet, [['step_done', ['step' => 'off.cover']], ['reading_taken', ['spot' => 'valve_lash.1.1ex', 'reading' => ['passes' => '0.13 mm', 'refuses' => '0.15 mm']]],
        ['reading_taken', ['spot' => 'valve_lash.1.1in', 'reading' => ['passes' => '0.10 mm', 'refuses' => '0.12 mm']]], ['decompressor_set', ['slack' => $slack]]]);
    expect(stateOf($state, 'set.decompressor'))->toBe($after);
})->with(['inside 1 to 2 mm' => ['1.5 mm', 'done'], 'none at all' => ['0 mm', 'ready'], 'too much' => ['2.5 mm', 'ready']]);

function adjustable(bool $hasOwnWait = false): EngineSheet
{
    return demoSheet('pellgrove-1092', function (stdClass $sheet) use ($hasOwnWait): void {
        $sheet->waits = $hasOwnWait ? $sheet->waits : [];
        $sheet->valve_train->rods = 'adjustable';
        $sheet->valve_train->setting->rods = (object) ['preload' => (object) ['min' => '2.8 mm', 'max' => '3.8 mm'], 'per_inch' => 24, 'bleed_down' => '20 min'];
    });
}

it('lets rods out by their thread, waits for the lifters and turns nothing until each spins', function (bool $hasOwnWait) {
    $sheet = adjustable($hasOwnWait);
    $front = fn (BuildState $state): RodLoop => new RodLoop($state, $sheet->layout->cylinders[0]);
    expect($front(atTheValves($sheet, []))->task()->value)->toBe('before');
    $acts = [...ticked($sheet, 'off'), ...array_filter(ticked($sheet, 'on', 'hold', 'pull'), fn (array $act): bool => str_contains($act[1]['step'], 'front') && ! str_contains($act[1]['step'], 'cover'))];
    $state = atTheValves($sheet, $acts);
    expect($front($state)->task()->value)->toBe('let out')
        // 3.3 mm · 24 / 25.4 = 3.118 turns, 18.7 flats: nineteen, which are 3 turns and 1 flat
        ->and($front($state)->headline())->toBe('3 turns and 1 flat');

    $acts[] = ['rods_let_out', ['cylinder' => 'front', 'flats' => 19]];
    $state = atTheValves($sheet, $acts, 5);
    expect($front($state)->task()->value)->toBe('wait')
        ->and(array_map(fn (RunningWait $wait): string => $wait->wait->name, $state->work->waits()))->toBe(['Front cylinder, lifters bleeding down'])
        ->and($front($state)->wait()?->due()->format('H:i'))->toBe($state->now->modify('+15 minutes')->format('H:i'));
    // twenty minutes are over, but nobody has spun them
    $late = atTheValves($sheet, $acts, 25);
    expect($front($late)->task()->value)->toBe('spin')->and(stateOf($late, 'set.rods.front'))->not->toBe('done');

    $acts[] = ['rods_spin', ['cylinder' => 'front', 'valves' => ['frontin', 'frontex']], 22];
    $state = atTheValves($sheet, $acts);
    expect(stateOf($state, 'set.rods.front'))->toBe('done')->and($front($state)->task()->value)->toBe('done')->and($state->work->waits())->toBe([]);
})->with(['the sheet states no wait' => [false], 'the sheet’s own bleed-down and this one are one' => [true]]);

it('lets rods out by the turns that their maker states, in whole flats of the nut', function (float $turns, string $words) {
    $sheet = demoSheet('pellgrove-1092', function (stdClass $sheet) use ($turns): void {
        $sheet->valve_train->rods = 'adjustable';
        $sheet->valve_train->setting->turns = $turns;
    });
    $acts = [...ticked($sheet, 'off'), ...array_filter(ticked($sheet, 'on', 'hold', 'pull'), fn (array $act): bool => str_contains($act[1]['step'], 'front') && ! str_contains($act[1]['step'], 'cover'))];
    $loop = new RodLoop(atTheValves($sheet, $acts), $sheet->layout->cylinders[0]);
    expect([$loop->task()->value, $loop->headline()])->toBe(['let out', $words]);
})->with([
    'whole turns' => [3, '3 turns'],
    'half a turn' => [2.5, '2 turns and 3 flats'],
    // a quarter is one and a half of six flats
    'a quarter goes up to the next flat' => [2.25, '2 turns and 2 flats'],
]);

it('takes one rod that does not spin for a valve that is still held open', function () {
    $sheet = adjustable();
    $acts = [...ticked($sheet, 'off'), ...array_filter(ticked($sheet, 'on', 'hold', 'pull'), fn (array $act): bool => str_contains($act[1]['step'], 'front') && ! str_contains($act[1]['step'], 'cover')),
        ['rods_let_out', ['cylinder' => 'front', 'flats' => 19]], ['rods_spin', ['cylinder' => 'front', 'valves' => ['frontin']]]];
    expect(fn () => atTheValves($sheet, $acts))->toThrow(fn (Refusal $refusal) => expect($refusal->toArray()['allowed'])->toBe('every rod of this cylinder; not spun: frontex'));
});

it('finds the fewest crank positions for engines of every layout', function (string $engine, array $positions) {
    $order = ValveOrder::on(demoSheet($engine));
    expect(array_map(fn (LashPosition $at): array => [$order->name($at), $at->valves], $order->positions))->toBe($positions);
})->with([
    'a single: both at its top' => ['harbick-421', [['Piston at its top, on compression (rotor mark T)', ['1in', '1ex']]]],
    'a triple: six valves in two' => ['ferrant-738', [['Left cylinder at its top, on compression', ['1in', '1ex', '2ex', '3in']], ['Left cylinder at its top, on overlap', ['2in', '3ex']]]],
]);

it('lists no crank positions where the sheet does not state events or firing', function () {
    expect(ValveOrder::on(demoSheet('dunmoor-208sv')))->toBeNull()
        ->and(ValveOrder::on(demoSheet('ostrel-608', function (stdClass $sheet): void {
            unset($sheet->layout->cylinders[2]->fires);
        })))->toBeNull();
});

it('keeps further clear of events that are stated at a lift', function () {
    $atSeat = demoSheet('ferrant-738', function (stdClass $sheet): void {
        unset($sheet->valve_train->cams->lift);
    });
    expect(ValveOrder::on(demoSheet('ferrant-738'))->margin)->toBe(ValveOrder::AT_LIFT)->and(ValveOrder::on($atSeat)->margin)->toBe(ValveOrder::AT_SEAT)
        // with 110° on each side no exhaust of 256° rests long enough: 720 − 256 − 2 · 240 is less than nothing
        ->and(ValveOrder::on(demoSheet('ferrant-738'), 240e9))->toBeNull();
});
