<?php

use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Parts\PlannedPart;
use Moltrek\Core\Log\Planning\LiftCost;
use Moltrek\Core\Planning\Basis;
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
        expect(array_keys($plan))->toContain('order.parts', 'work.faces', 'hold.start', 'start.first', 'run.sheet');
        $plans[] = implode(',', array_keys($plan));
    }
    expect(array_unique($plans))->toHaveCount(8);
});

it('puts the rings on from the lowest groove up, in one order a cylinder', function () {
    $names = array_values(array_map(fn ($step): string => $step->words->name, array_filter(Plan::of(demoSheet('harbick-421')), fn ($step): bool => str_starts_with($step->id, 'on.ring'))));
    expect($names)->toBe(['Oil ring expander on', 'Lower oil rail on', 'Upper oil rail on', 'Second ring on, 2N up', 'Top ring on, N up']);
});

it('follows what the engine is', function (string $sheet, array $has, array $hasNot) {
    $steps = array_keys(Plan::of(demoSheet($sheet)));
    expect($steps)->toContain(...$has);
    foreach ($hasNot as $step) {
        expect($steps)->not->toContain($step);
    }
})->with([
    'a two-stroke has an exhaust valve and no oil to fill' => ['ulvane-139r', ['on.exhaust-valve', 'fill.coolant', 'on.clip-second.1'], ['fill.oil', 'on.cam', 'hold.cover']],
    'a single with a chain and screws' => ['harbick-421', ['on.chain', 'on.tensioner', 'set.lash.1ex', 'fill.oil', 'look.jets'], ['fill.coolant', 'on.exhaust-valve', 'decide.pairs']],
    'an inline four goes together on the bench' => ['ostrel-608', ['on.piston.3', 'on.pin.3', 'decide.pairs', 'on.cam', 'on.shims'], ['on.barrel.1.4', 'on.rod-cap.1']],
    'hydraulic lifters bleed down before the crank turns' => ['pellgrove-1092', ['set.rods.front', 'set.rods.rear'], ['set.lash.frontin', 'on.chain']],
    'pushrods with screws' => ['ferrant-738', ['on.rods.2', 'set.lash.2ex', 'on.barrel.2', 'on.barrel.3'], ['set.rods.1', 'on.cam', 'turn.timing']],
    'bores in the upper case take pistons from above' => ['brindlecote-812', ['on.piston.2', 'on.rod-cap.2'], ['on.clip-first.1', 'on.base-gasket', 'on.crank']],
    'a side-valve is ground before the head' => ['dunmoor-208sv', ['set.lash.1in'], ['on.rods.1', 'on.cover']],
]);

it('lets a sheet add, drop and order steps of its own, and refuses what cannot be', function () {
    $changed = fn (array $plan): callable => function (stdClass $sheet) use ($plan): void {
        $sheet->plan = json_decode(json_encode((object) $plan));
        $sheet->waits = [];
    };
    $own = ['id' => 'reeds-on', 'slab' => 'case', 'name' => 'Reed block on, sealant round it', 'why' => 'Leaks lean.', 'needs' => ['work.faces'], 'before' => ['test.leak'], 'minutes' => 15];
    $plan = Plan::of(demoSheet('ulvane-139r', $changed(['add' => [$own], 'drop' => ['turn.barrel']])));
    expect($plan['test.leak']->order->needs)->toContain('reeds-on')->and(isset($plan['turn.barrel']))->toBeFalse()->and($plan['on.head-gasket']->order->needs)->toContain('pull.barrel');
    $refused = function (array $change) use ($changed): array {
        try {
            Plan::of(demoSheet('ulvane-139r', $changed($change)));
        } catch (Refusal $refusal) {
            return [$refusal->field, $refusal->getMessage()];
        }

        return [];
    };
    expect($refused(['drop' => ['paint']])[0])->toBe('plan.drop.0')
        ->and($refused(['after' => ['turn.barrel' => ['on.head']]])[1])->toContain('wait for each other')->toContain('turn.barrel')->toContain('on.head')
        ->and($refused(['after' => ['turn.barrel' => ['nothing']]])[0])->toBe('plan.after.turn.barrel.0')
        ->and($refused(['after' => ['on.rotor' => ['set.ignition']]]))->toBe([], 'another errand has it');
});

it('stands a hold before a slab closes over another', function () {
    $sheet = demoSheet('ulvane-139r');
    $before = array_slice(upTo($sheet, 'hold.barrel'), 0, -1);
    $state = worked($sheet, $before);
    expect(stateOf($state, 'on.barrel'))->toBe('open')->and($state->work->openNeeds($state->work->steps()['on.barrel']))->toBe(['hold.barrel']);
    $asks = $state->work->steps()['hold.barrel']->asks->items;
    $answers = array_map(fn (int $item): array => ['hold_answered', ['hold' => 'hold.barrel', 'item' => $item]], array_keys($asks));
    expect(stateOf(worked($sheet, [...$before, ...array_slice($answers, 1)]), 'on.barrel'))->toBe('open');
    expect(stateOf(worked($sheet, [...$before, ...$answers]), 'on.barrel'))->toBe('ready');
    $waived = ['hold_waived', ['hold' => 'hold.barrel', 'item' => 0, 'reason' => 'dowels are cast in']];
    expect(stateOf(worked($sheet, [...$before, $waived, ...array_slice($answers, 1)]), 'on.barrel'))->toBe('ready');
});

it('stops what would close over a rag, a dropped part or something only on for now', function (array $act, array $undo, string $kind, string $step) {
    $sheet = demoSheet('ulvane-139r');
    $before = upTo($sheet, $step === 'start.first' ? 'hold.start' : 'hold.barrel');
    expect(stateOf(worked($sheet, $before), $step))->toBe('ready');
    $state = worked($sheet, [...$before, $act]);
    expect(stateOf($state, $step))->toBe('blocked')->and(blockedBy($state, $step))->toBe([$kind]);
    expect(stateOf(worked($sheet, [...$before, $act, $undo]), $step))->toBe('ready');
})->with([
    'a rag in the case' => [['ledger_in', ['what' => 'rag', 'slab' => 'case']], ['ledger_out', ['what' => 'rag']], 'ledger', 'on.barrel'],
    'a circlip that fell' => [['ledger_in', ['what' => 'circlip', 'slab' => 'case', 'dropped' => true]], ['ledger_out', ['what' => 'circlip']], 'ledger', 'on.barrel'],
    'a nut owed its torque' => [['debt_owed', ['what' => 'rotor nut', 'reason' => 'crank cannot be held yet', 'release' => 'piston in']], ['debt_paid', ['what' => 'rotor nut']], 'debt', 'start.first'],
    'a ring set on order' => [['part_ordered', ['part' => 'Barrel kit', 'for' => ['on.barrel']]], ['part_arrived', ['part' => 'Barrel kit']], 'part', 'on.barrel'],
]);

it('lets a wait run by the clock, and some until a person has seen', function () {
    $sheet = demoSheet('pellgrove-1092');
    $set = upTo($sheet, 'pull.rockers-front');
    expect(blockedBy(worked($sheet, $set, now: 5), 'set.rods.front'))->toBe(['wait'])
        ->and(blockedBy(worked($sheet, $set, now: 90), 'set.rods.front'))->toBe(['wait']);
    expect(stateOf(worked($sheet, [...$set, ['wait_seen', ['wait' => 'bleed-front']]]), 'set.rods.front'))->toBe('ready');
    $sealed = demoSheet('brindlecote-812');
    $joined = upTo($sealed, 'pull.barrel');
    expect(blockedBy(worked($sealed, $joined, now: 119), 'on.piston.1'))->toBe(['wait'])
        ->and(stateOf(worked($sealed, $joined, now: 121), 'on.piston.1'))->toBe('ready');
});

it('says what lifting to a slab costs, and replay takes just that', function () {
    $sheet = demoSheet('harbick-421');
    $done = [...upTo($sheet, 'pull.cover'), ['reading_taken', ['spot' => 'valve_lash.1.1in', 'reading' => ['passes' => '0.10 mm', 'refuses' => '0.12 mm']]]];
    $state = worked($sheet, $done);
    $cost = LiftCost::to($state, $sheet->stack->named('head-gasket'));
    expect(array_column($cost->toArray()['void'], 'step'))->toContain('on.head-gasket', 'on.head', 'pull.head', 'on.cam', 'on.chain', 'turn.timing', 'set.lash.1in', 'on.cover', 'pull.cover')->not->toContain('on.barrel', 'turn.barrel');
    expect($cost->toArray()['comes_off'])->toBe(['cover', 'cam', 'head'])
        ->and(array_column($cost->stale, 'reading'))->toBe(['valve_lash.1.1in'])
        ->and(array_column($cost->spent, 'part'))->toContain('Cover gasket', 'Tensioner gasket');
    $lifted = worked($sheet, [...$done, ['slab_lifted', ['slab' => 'head']]]);
    $void = array_keys(array_filter($lifted->work->steps(), fn ($step): bool => $lifted->work->stateOf($step) === StepState::Void));
    expect($void)->toEqualCanonicalizing(array_column($cost->toArray()['void'], 'step'))
        ->and($lifted->readings->staleAt('valve_lash.1.1in'))->not->toBeNull()
        ->and($lifted->slabs->of($sheet->stack->slabs[$sheet->heightOf('head-gasket')])->value)->toBe('loose')
        ->and(stateOf($lifted, 'turn.barrel'))->toBe('done');
});

it('costs nothing to reach what lies open', function () {
    $sheet = demoSheet('ulvane-139r');
    expect(LiftCost::to(worked($sheet, []), $sheet->stack->slabs[0])->toArray())->toBe(['comes_off' => [], 'spent' => [], 'void' => [], 'stale' => [], 'minutes' => 0]);
});

it('makes stale what an act makes stale, no less and no more', function (string $act, array $void, array $kept) {
    $sheet = demoSheet('harbick-421', function (stdClass $sheet): void {
        $sheet->ignition = (object) ['set_by' => 'pick-up'];
        foreach (['deck' => '0.1 mm', 'squish' => '0.9 mm'] as $quantity => $least) {
            $sheet->limits[] = (object) ['quantity' => $quantity, 'source' => 'engine maker', 'min' => $least];
        }
    });
    $state = worked($sheet, [...upTo($sheet, 'time.ignition'), ...upTo($sheet, 'on.cover'), ['act_done', ['act' => $act, 'cylinder' => '1']]]);
    foreach ($void as $step) {
        expect(stateOf($state, $step))->toBe('void', $step);
    }
    foreach ($kept as $step) {
        expect(stateOf($state, $step))->toBe('done', $step);
    }
})->with([
    'another base gasket moves deck, squish and chain-driven timing, not the measuring' => [Act::BaseGasketChanged->value, ['read.deck.1', 'read.squish.1', 'turn.timing', 'on.chain'], ['read.bore.1', 'on.barrel', 'on.cam']],
    'another head gasket leaves the deck' => [Act::HeadGasketChanged->value, ['read.squish.1', 'turn.timing'], ['read.deck.1', 'on.barrel']],
    'a slackened head owes its torque' => [Act::HeadSlackened->value, ['pull.head', 'set.lash.1in'], ['on.head', 'read.squish.1', 'read.deck.1', 'turn.timing']],
    'a cam out' => [Act::CamOut->value, ['on.cam', 'turn.timing', 'set.lash.1in', 'set.lash.1ex'], ['pull.head', 'on.head']],
    'a rotor off' => [Act::RotorOff->value, ['time.ignition'], ['pull.head', 'turn.timing', 'set.lash.1in']],
    'another shim' => [Act::ShimChanged->value, ['set.lash.1in'], ['turn.timing', 'on.cam']],
]);

it('takes a mistaken lift back as if it had not been', function () {
    $sheet = demoSheet('harbick-421');
    $done = upTo($sheet, 'on.cover');
    $lift = ['slab_lifted', ['slab' => 'head']];
    $undone = worked($sheet, [...$done, $lift, ['entry_struck', ['entry' => sprintf('%04d', count($done) + 1), 'reason' => 'wrong engine']]]);
    $states = fn (BuildState $state): array => array_map(fn ($step) => $state->work->stateOf($step)->value, $state->work->steps());
    expect($states($undone))->toBe($states(worked($sheet, $done)));
});

it('lifts within a lift, and half-way', function () {
    $sheet = demoSheet('harbick-421');
    $done = upTo($sheet, 'on.cover');
    $half = worked($sheet, [...$done, ['slab_lifted', ['slab' => 'cover']], ['slab_lifted', ['slab' => 'barrel']]]);
    $once = worked($sheet, [...$done, ['slab_lifted', ['slab' => 'barrel']]]);
    $states = fn (BuildState $state): array => array_map(fn ($step) => $state->work->stateOf($step)->value, $state->work->steps());
    expect($states($half))->toBe($states($once))->and($half->slabs->togetherUpTo()->id)->toBe('base-gasket');
});

it('spends what was crushed and needs it again', function () {
    $sheet = demoSheet('ulvane-139r');
    $part = fn (BuildState $state): string => array_column(array_map(fn ($part): array => [$part->part, $part->state], PlannedPart::all($state)), 1, 0)['Base gasket'];
    $fitted = upTo($sheet, 'pull.head');
    expect($part(worked($sheet, [])))->toBe('needed')->and($part(worked($sheet, $fitted)))->toBe('fitted');
    $lifted = [...$fitted, ['slab_lifted', ['slab' => 'base-gasket']]];
    expect($part(worked($sheet, $lifted)))->toBe('spent')
        ->and($part(worked($sheet, [...$lifted, ['part_ordered', ['part' => 'Base gasket']]])))->toBe('ordered');
});

it('says how a step is done by the school that was chosen', function () {
    $sheet = demoSheet('ulvane-139r');
    expect(Plan::of($sheet)['on.barrel']->words->how)->toContain('light film of running oil');
    expect(Plan::of($sheet, new Basis(schools: ['bore_assembly' => 'dry']))['on.barrel']->words->how)->toContain('dry');
    foreach (School::all() as $school) {
        expect(count($school->options))->toBeGreaterThan(1);
    }
});
