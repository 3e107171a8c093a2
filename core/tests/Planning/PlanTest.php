<?php

use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Parts\PlannedPart;
use Moltrek\Core\Log\Planning\LiftCost;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Planning\StepState;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\School;

it('makes a complete and different plan of every engine', function () {
    $plans = [];
    foreach (glob(__DIR__.'/../../../database/sheets/*.json') as $file) {
        $plan = Plan::of(demoSheet(basename($file, '.json')));
        foreach ($plan as $step) {
            expect($step->order->needs)->each->toBeIn(array_keys($plan));
            expect($step->words->why)->not->toBe('');
        }
        expect(array_keys($plan))->toContain('measure.head', 'order', 'barrel-down', 'turned', 'torque.head', 'first-start', 'run-in');
        $plans[] = implode(',', array_keys($plan));
    }
    expect(array_unique($plans))->toHaveCount(8);
});

it('puts the rings on from the lowest groove up, in one order a cylinder', function () {
    $names = array_values(array_map(fn ($step): string => $step->words->name, array_filter(Plan::of(demoSheet('harbick-421')), fn ($step): bool => str_starts_with($step->id, 'ring-on'))));
    expect($names)->toBe(['Lower oil rail on', 'Oil ring expander on', 'Upper oil rail on', 'Second ring on, 2N up', 'Top ring on, N up']);
});

it('follows what the engine is', function (string $sheet, array $has, array $hasNot) {
    $steps = array_keys(Plan::of(demoSheet($sheet)));
    expect($steps)->toContain(...$has);
    foreach ($hasNot as $step) {
        expect($steps)->not->toContain($step);
    }
})->with([
    'a two-stroke has an exhaust valve and no oil to fill' => ['ulvane-139r', ['exhaust-valve-in', 'coolant-in', 'circlip-second.1'], ['oil-in', 'cam-in', 'hold.cover']],
    'a single with a chain and screws' => ['harbick-421', ['chain-on', 'tensioner-in', 'lash.1ex', 'oil-in', 'jets'], ['coolant-in', 'exhaust-valve-in', 'decide.pairs']],
    'an inline four goes together on the bench' => ['ostrel-608', ['piston-in.3', 'pin-in.3', 'decide.pairs', 'cam-in'], ['piston-on.1']],
    'hydraulic lifters bleed down before the crank turns' => ['pellgrove-1092', ['rods-spin.front', 'rods-spin.rear'], ['lash.frontin', 'chain-on']],
    'pushrods with screws' => ['ferrant-738', ['pushrods.2', 'lash.2ex'], ['rods-spin.1', 'cam-in']],
    'bores in the upper case take pistons from above' => ['brindlecote-812', ['piston-in.2', 'cap-on.2'], ['circlip-first.1', 'base-gasket']],
    'a side-valve is ground before the head' => ['dunmoor-208sv', ['lash.1in'], ['pushrods.1', 'cover-on']],
]);

it('lets a sheet add, drop and order steps of its own, and refuses what cannot be', function () {
    $changed = fn (array $plan): callable => fn (stdClass $sheet) => $sheet->plan = json_decode(json_encode((object) $plan));
    $own = ['id' => 'reeds-on', 'slab' => 'case', 'name' => 'Reed block on, sealant round it', 'why' => 'Leaks lean.', 'needs' => ['faces'], 'before' => ['leak-test'], 'minutes' => 15];
    $plan = Plan::of(demoSheet('ulvane-139r', $changed(['add' => [$own], 'drop' => ['squish']])));
    expect($plan['leak-test']->order->needs)->toContain('reeds-on')->and(isset($plan['squish']))->toBeFalse()->and($plan['head-gasket']->order->needs)->toContain('deck');
    $refused = function (array $change) use ($changed): array {
        try {
            Plan::of(demoSheet('ulvane-139r', $changed($change)));
        } catch (Refusal $refusal) {
            return [$refusal->field, $refusal->getMessage()];
        }

        return [];
    };
    expect($refused(['drop' => ['paint']])[0])->toBe('plan.drop.0')
        ->and($refused(['after' => ['deck' => ['head-on']]])[1])->toContain('wait for each other')->toContain('deck')->toContain('head-on')
        ->and($refused(['after' => ['deck' => ['nothing']]])[0])->toBe('plan');
});

it('stands a hold before a slab closes over another', function () {
    $sheet = demoSheet('ulvane-139r');
    $before = array_slice(upTo($sheet, 'hold.barrel'), 0, -1);
    $state = worked($sheet, $before);
    expect(stateOf($state, 'barrel-down'))->toBe('blocked')->and(blockedBy($state, 'barrel-down'))->toBe(['hold']);
    $asks = $state->work->steps()['hold.barrel']->asks->items;
    $answers = array_map(fn (int $item): array => ['hold_answered', ['hold' => 'hold.barrel', 'item' => $item]], array_keys($asks));
    expect(stateOf(worked($sheet, [...$before, ...array_slice($answers, 1)]), 'barrel-down'))->toBe('blocked');
    expect(stateOf(worked($sheet, [...$before, ...$answers]), 'barrel-down'))->toBe('ready');
    $waived = ['hold_waived', ['hold' => 'hold.barrel', 'item' => 0, 'reason' => 'dowels are cast in']];
    expect(stateOf(worked($sheet, [...$before, $waived, ...array_slice($answers, 1)]), 'barrel-down'))->toBe('ready');
});

it('stops what would close over a rag, a dropped part or something only on for now', function (array $act, array $undo, string $kind, string $step) {
    $sheet = demoSheet('ulvane-139r');
    $before = upTo($sheet, $step === 'first-start' ? 'hold.start' : 'hold.barrel');
    expect(stateOf(worked($sheet, $before), $step))->toBe('ready');
    $state = worked($sheet, [...$before, $act]);
    expect(stateOf($state, $step))->toBe('blocked')->and(blockedBy($state, $step))->toBe([$kind]);
    expect(stateOf(worked($sheet, [...$before, $act, $undo]), $step))->toBe('ready');
})->with([
    'a rag in the case' => [['ledger_in', ['what' => 'rag', 'slab' => 'case']], ['ledger_out', ['what' => 'rag']], 'ledger', 'barrel-down'],
    'a circlip that fell' => [['ledger_in', ['what' => 'circlip', 'slab' => 'case', 'dropped' => true]], ['ledger_out', ['what' => 'circlip']], 'ledger', 'barrel-down'],
    'a nut owed its torque' => [['debt_owed', ['what' => 'rotor nut', 'reason' => 'crank cannot be held yet', 'release' => 'piston in']], ['debt_paid', ['what' => 'rotor nut']], 'debt', 'first-start'],
    'a ring set on order' => [['part_ordered', ['part' => 'Barrel kit', 'for' => ['barrel-down']]], ['part_arrived', ['part' => 'Barrel kit']], 'part', 'barrel-down'],
]);

it('lets a wait run by the clock, and some until a person has seen', function () {
    $sheet = demoSheet('pellgrove-1092');
    $set = upTo($sheet, 'pushrods.front');
    expect(blockedBy(worked($sheet, $set, now: 5), 'rods-spin.front'))->toBe(['wait'])
        ->and(blockedBy(worked($sheet, $set, now: 90), 'rods-spin.front'))->toBe(['wait']);
    expect(stateOf(worked($sheet, [...$set, ['wait_seen', ['wait' => 'bleed-front']]]), 'rods-spin.front'))->toBe('ready');
    $sealed = demoSheet('brindlecote-812');
    $joined = upTo($sealed, 'barrel-down');
    expect(blockedBy(worked($sealed, $joined, now: 119), 'piston-in.1'))->toBe(['wait'])
        ->and(stateOf(worked($sealed, $joined, now: 121), 'piston-in.1'))->toBe('ready');
});

it('says what lifting to a slab costs, and replay takes just that', function () {
    $sheet = demoSheet('harbick-421');
    $done = [...upTo($sheet, 'cover-on'), ['reading_taken', ['spot' => 'valve_lash.1.1in', 'reading' => ['passes' => '0.10 mm', 'refuses' => '0.12 mm']]]];
    $state = worked($sheet, $done);
    $cost = LiftCost::to($state, $sheet->heightOf('head-gasket'));
    expect(array_column($cost->toArray()['void'], 'step'))->toContain('head-gasket', 'head-on', 'torque.head', 'cam-in', 'chain-on', 'timed', 'lash.1in', 'cover-on', 'ignition')->not->toContain('barrel-down', 'turned', 'deck');
    expect($cost->toArray()['comes_off'])->toBe(['cover', 'cam', 'head'])
        ->and(array_column($cost->stale, 'reading'))->toBe(['valve_lash.1.1in'])
        ->and(array_column($cost->spent, 'part'))->toContain('Cover gasket', 'Tensioner gasket');
    $lifted = worked($sheet, [...$done, ['slab_lifted', ['slab' => 'head']]]);
    $void = array_keys(array_filter($lifted->work->steps(), fn ($step): bool => $lifted->work->stateOf($step) === StepState::Void));
    expect($void)->toEqualCanonicalizing(array_column($cost->toArray()['void'], 'step'))
        ->and($lifted->readings->staleAt('valve_lash.1.1in'))->not->toBeNull()
        ->and($lifted->slabs->of($sheet->stack->slabs[$sheet->heightOf('head-gasket')])->value)->toBe('loose')
        ->and(stateOf($lifted, 'turned'))->toBe('done');
});

it('costs nothing to reach what lies open', function () {
    $sheet = demoSheet('ulvane-139r');
    expect(LiftCost::to(worked($sheet, []), 0)->toArray())->toBe(['comes_off' => [], 'spent' => [], 'void' => [], 'stale' => [], 'minutes' => 0]);
});

it('makes stale what an act makes stale, no less and no more', function (string $act, array $void, array $kept) {
    $sheet = demoSheet('harbick-421');
    $state = worked($sheet, [...upTo($sheet, 'cover-on'), ['act_done', ['act' => $act, 'cylinder' => '1']]]);
    foreach ($void as $step) {
        expect(stateOf($state, $step))->toBe('void', $step);
    }
    foreach ($kept as $step) {
        expect(stateOf($state, $step))->toBe('done', $step);
    }
})->with([
    'another base gasket moves deck, squish and chain-driven timing, not the measuring' => [Act::BaseGasketChanged->value, ['deck', 'squish', 'timed', 'chain-on'], ['measure.barrel.1', 'barrel-down', 'cam-in']],
    'another head gasket leaves the deck' => [Act::HeadGasketChanged->value, ['squish', 'timed'], ['deck', 'barrel-down']],
    'a slackened head owes its torque' => [Act::HeadSlackened->value, ['torque.head'], ['head-on', 'squish', 'deck', 'timed']],
    'a cam out' => [Act::CamOut->value, ['cam-in', 'timed', 'lash.1in', 'lash.1ex'], ['torque.head', 'head-on']],
    'a rotor off' => [Act::RotorOff->value, ['ignition'], ['torque.head', 'timed', 'lash.1in']],
    'another shim' => [Act::ShimChanged->value, ['lash.1in'], ['timed', 'cam-in']],
]);

it('takes a mistaken lift back as if it had not been', function () {
    $sheet = demoSheet('harbick-421');
    $done = upTo($sheet, 'cover-on');
    $lift = ['slab_lifted', ['slab' => 'head']];
    $undone = worked($sheet, [...$done, $lift, ['entry_struck', ['entry' => sprintf('%04d', count($done) + 1), 'reason' => 'wrong engine']]]);
    $states = fn (BuildState $state): array => array_map(fn ($step) => $state->work->stateOf($step)->value, $state->work->steps());
    expect($states($undone))->toBe($states(worked($sheet, $done)));
});

it('lifts within a lift, and half-way', function () {
    $sheet = demoSheet('harbick-421');
    $done = upTo($sheet, 'cover-on');
    $half = worked($sheet, [...$done, ['slab_lifted', ['slab' => 'cover']], ['slab_lifted', ['slab' => 'barrel']]]);
    $once = worked($sheet, [...$done, ['slab_lifted', ['slab' => 'barrel']]]);
    $states = fn (BuildState $state): array => array_map(fn ($step) => $state->work->stateOf($step)->value, $state->work->steps());
    expect($states($half))->toBe($states($once))->and($half->slabs->togetherUpTo()->id)->toBe('base-gasket');
});

it('spends what was crushed and needs it again', function () {
    $sheet = demoSheet('ulvane-139r');
    $part = fn (BuildState $state): string => array_column(array_map(fn ($part): array => [$part->part, $part->state], PlannedPart::all($state)), 1, 0)['Base gasket'];
    $fitted = upTo($sheet, 'torque.head');
    expect($part(worked($sheet, [])))->toBe('needed')->and($part(worked($sheet, $fitted)))->toBe('fitted');
    $lifted = [...$fitted, ['slab_lifted', ['slab' => 'base-gasket']]];
    expect($part(worked($sheet, $lifted)))->toBe('spent')
        ->and($part(worked($sheet, [...$lifted, ['part_ordered', ['part' => 'Base gasket']]])))->toBe('ordered');
});

it('says how a step is done by the school that was chosen', function () {
    $sheet = demoSheet('ulvane-139r');
    expect(Plan::of($sheet)['barrel-down']->words->how)->toContain('light film of running oil');
    expect(Plan::of($sheet, ['bore_assembly' => 'dry'])['barrel-down']->words->how)->toContain('dry');
    foreach (School::all() as $school) {
        expect(count($school->options))->toBeGreaterThan(1);
    }
});
