<?php

use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\StepState;
use Moltrek\Core\Sheet\Act;

/**
 * Every place of an engine read, and every step of its plan done; then one act.
 *
 * @param  array<string, string>  $act
 * @return array{list<string>, list<string>} the quantities that are stale, and the steps that are void, each named once
 */
function undoneBy(string $engine, array $act): array
{
    $sheet = demoSheet($engine);
    $acts = [];
    foreach (Moltrek\Core\Measuring\Catalogue::of($sheet) as $spot) {
        $acts[] = ['reading_taken', ['spot' => $spot->id, 'reading' => plausibleReading($spot)], 0];
    }
    $state = worked($sheet, [...$acts, ...upTo($sheet, 'run.sheet'), ['act_done', $act]], 600);
    $stale = array_filter($state->spots, fn (Spot $spot): bool => $state->readings->staleAt($spot->id) !== null);
    $void = array_filter($state->work->steps(), fn ($step): bool => $step->asks->readings === null && $state->work->stateOf($step) === StepState::Void);

    return [array_values(array_unique(array_map(fn (Spot $spot): string => $spot->measurable->key, $stale))), array_keys($void)];
}

it('undoes exactly what an act makes stale', function (string $engine, array $act, array $stale, array $void) {
    [$quantities, $steps] = undoneBy($engine, $act);
    expect($quantities)->toEqualCanonicalizing($stale)->and($steps)->toEqualCanonicalizing($void);
})->with([
    'a ring filed: that gap' => ['harbick-421', ['act' => 'ring filed', 'cylinder' => '1', 'ring' => 'top'], ['ring_gap'], []],
    'the bore honed: map, all gaps of it, the wash' => ['harbick-421', ['act' => 'bore honed', 'cylinder' => '1'], ['bore', 'ring_gap'], ['work.wash.1', 'work.gaps.1']],
    'bored, the same' => ['harbick-421', ['act' => 'bore bored', 'cylinder' => '1'], ['bore', 'ring_gap'], ['work.wash.1', 'work.gaps.1']],
    'plated: the face has been in the bath too' => ['ulvane-139r', ['act' => 'bore plated', 'cylinder' => '1'], ['bore', 'ring_gap', 'barrel_flatness', 'port_height'], ['work.wash.1', 'work.gaps.1']],
    'another piston: clearance, gaps, side clearance, deck' => ['harbick-421', ['act' => 'piston changed', 'cylinder' => '1'], ['piston', 'ring_gap', 'ring_side_clearance', 'pin_in_piston', 'deck', 'squish', 'dome_volume'], ['work.piston.1', 'work.gaps.1', 'on.clip-first.1', 'on.clip-second.1']],
    'another ring: gap and side clearance of that ring' => ['harbick-421', ['act' => 'ring changed', 'cylinder' => '1', 'ring' => 'second'], ['ring_gap', 'ring_side_clearance'], ['work.gaps.1']],
    'another base gasket: deck, squish, and the chain that is longer now' => ['harbick-421', ['act' => 'base gasket changed'], ['deck', 'squish'], ['on.chain', 'time.cam', 'turn.timing']],
    'under a two-stroke: deck, squish, the exhaust valve’s height; no cam, and ignition stays' => ['ulvane-139r', ['act' => 'base gasket changed'], ['deck', 'squish', 'exhaust_valve_edge'], []],
    'under pushrods: nothing is timed by a chain, and the rods bridge another length' => ['ferrant-738', ['act' => 'base gasket changed'], ['deck', 'squish', 'valve_lash'], []],
    'under hydraulic rods: their preload' => ['pellgrove-1092', ['act' => 'head gasket changed'], ['squish', 'valve_lash'], ['set.rods.front', 'set.rods.rear']],
    'another head gasket: squish and cam timing' => ['harbick-421', ['act' => 'head gasket changed'], ['squish'], ['on.chain', 'time.cam', 'turn.timing']],
    'the head slackened: its torque' => ['harbick-421', ['act' => 'head slackened'], [], ['pull.head']],
    'the cam out: timing, chain, lash' => ['harbick-421', ['act' => 'cam out'], ['valve_lash', 'wheel_offset'], ['on.cam', 'on.chain', 'on.tensioner', 'time.cam', 'turn.timing', 'set.decompressor']],
    'a shim changed: that lash' => ['ostrel-608', ['act' => 'shim changed', 'cylinder' => '2'], ['valve_lash'], []],
    'the rotor off: ignition' => ['ulvane-139r', ['act' => 'rotor off'], [], ['on.rotor', 'pull.rotor', 'time.ignition']],
    'other cases: every deck, squish and timing' => ['harbick-421', ['act' => 'other cases or crank'], ['crank_runout', 'crank_end_float', 'rod_side_clearance', 'rod_play', 'deck', 'squish', 'wheel_offset'], ['on.chain', 'time.cam', 'turn.timing']],
]);

it('leaves the other cylinders alone', function () {
    $sheet = demoSheet('ostrel-608');
    $read = fn (string $spot, string $size): array => ['reading_taken', ['spot' => $spot, 'reading' => $size]];
    $state = worked($sheet, [$read('bore.1.across.10', '66.206 mm'), $read('bore.2.across.10', '66.207 mm'), ['act_done', ['act' => 'bore honed', 'cylinder' => '2']]]);
    expect($state->readings->staleAt('bore.2.across.10'))->not->toBeNull()->and($state->readings->staleAt('bore.1.across.10'))->toBeNull();
});

it('makes stale only the lash of the cylinder whose shim was changed', function () {
    $leaf = fn (string $spot): array => ['reading_taken', ['spot' => $spot, 'reading' => ['passes' => '0.12 mm']]];
    $state = worked(demoSheet('ostrel-608'), [$leaf('valve_lash.1.1in1'), $leaf('valve_lash.2.2in1'), ['act_done', ['act' => 'shim changed', 'cylinder' => '2']]]);
    expect($state->readings->staleAt('valve_lash.2.2in1')?->why)->toBe('shim changed')->and($state->readings->staleAt('valve_lash.1.1in1'))->toBeNull();
});

it('forgets that a reading was stale once it is taken again', function () {
    $read = fn (string $size): array => ['reading_taken', ['spot' => 'bore.1.across.12', 'reading' => $size]];
    $state = worked(demoSheet('harbick-421'), [$read('86.02 mm'), ['act_done', ['act' => 'bore honed', 'cylinder' => '1']], $read('86.03 mm')]);
    expect($state->readings->staleAt('bore.1.across.12'))->toBeNull()
        ->and($state->readings->all()['bore.1.across.12']->text)->toBe('86.03 mm')
        ->and($state->readings->of($state->readings->firstAt('bore.1.across.12'))->text)->toBe('86.02 mm');
});

it('takes an act back with its strike-out', function () {
    $act = ['act_done', ['act' => 'bore honed', 'cylinder' => '1']];
    $state = worked(demoSheet('harbick-421'), [['reading_taken', ['spot' => 'bore.1.across.12', 'reading' => '86.02 mm']], $act, ['entry_struck', ['entry' => '0002', 'reason' => 'wrong barrel']]]);
    expect($state->readings->all()['bore.1.across.12']->text)->toBe('86.02 mm')->and($state->readings->staleAt('bore.1.across.12'))->toBeNull();
});

it('knows of each act whether it is done to a cylinder or a ring', function () {
    $ofCylinder = array_map(fn (Act $act): string => $act->value, array_filter(Act::cases(), fn (Act $act): bool => $act->isOfCylinder()));
    expect(array_values($ofCylinder))->toBe(['ring filed', 'bore honed', 'bore bored', 'bore plated', 'piston changed', 'ring changed',
        'piston met a valve', 'liquid in a cylinder', 'seized', 'broke a ring'])
        ->and(array_values(array_filter(Act::cases(), fn (Act $act): bool => $act->isOfRing())))->toBe([Act::RingFiled, Act::RingChanged]);
});

it('offers what can be done to an engine that is built so', function (string $engine, array $has, array $hasNot) {
    $acts = array_map(fn (Act $act): string => $act->value, Act::on(demoSheet($engine)));
    expect($acts)->toContain('bore honed', 'ring filed', 'head slackened', 'rotor off', ...$has);
    foreach ($hasNot as $act) {
        expect($acts)->not->toContain($act);
    }
})->with([
    'a two-stroke has no cam' => ['ulvane-139r', ['base gasket changed'], ['cam out', 'shim changed']],
    'shims under buckets' => ['ostrel-608', ['cam out', 'shim changed'], []],
    'screws have no shims' => ['harbick-421', ['cam out'], ['shim changed']],
    'bores in the upper case have no base gasket' => ['brindlecote-812', ['head gasket changed'], ['base gasket changed', 'shim changed']],
]);

it('makes a changed shim undo the one valve, or the cylinder, or all where nobody said which', function (array $where, array $undone) {
    $sheet = demoSheet('ostrel-608');
    $leaf = fn (string $spot): array => ['reading_taken', ['spot' => $spot, 'reading' => ['passes' => '0.12 mm', 'refuses' => '0.13 mm']], 0];
    $lashes = ['valve_lash.1.1in1', 'valve_lash.1.1in2', 'valve_lash.2.2in1'];
    $state = worked($sheet, [...upTo($sheet, 'turn.timing'), ...array_map($leaf, $lashes), ...array_map(fn (string $valve): array => ['step_done', ['step' => 'set.lash.'.$valve]], ['1in1', '1in2', '2in1']), ['act_done', ['act' => 'shim changed'] + $where]]);
    $stale = array_values(array_filter($lashes, fn (string $spot): bool => $state->readings->staleAt($spot) !== null));
    $void = array_values(array_filter(['1in1', '1in2', '2in1'], fn (string $valve): bool => ! $state->work->isDone($state->work->steps()['set.lash.'.$valve])));
    expect(array_map(fn (string $spot): string => explode('.', $spot)[2], $stale))->toBe($undone)->and($void)->toBe($undone);
})->with([
    'one valve' => [['valve' => '1in2'], ['1in2']],
    'a cylinder' => [['cylinder' => '1'], ['1in1', '1in2']],
    'nobody said' => [[], ['1in1', '1in2', '2in1']],
]);

it('asks before the start for all that a mishap may have hurt, of its own cylinder', function (string $engine, string $act, string $cylinder, array $asked, array $not) {
    $sheet = demoSheet($engine);
    $before = count(worked($sheet, [])->work->steps()['hold.start']->asks->items);
    $items = worked($sheet, [['act_done', ['act' => $act, 'cylinder' => $cylinder]]])->work->steps()['hold.start']->asks->items;
    $new = implode(' | ', array_slice($items, $before));
    foreach ($asked as $words) {
        expect($new)->toContain($words);
    }
    foreach ($not as $words) {
        expect($new)->not->toContain($words);
    }
    // struck out, nothing of it is asked
    $struck = worked($sheet, [['act_done', ['act' => $act, 'cylinder' => $cylinder]], ['entry_struck', ['entry' => '0001', 'reason' => 'another machine']]]);
    expect($struck->work->steps()['hold.start']->asks->items)->toHaveCount($before);
})->with([
    'a valve that was met' => ['ostrel-608', 'piston met a valve', '2', ['Cylinder 2, leak-down', 'run-out of every stem', 'guides', 'seats', 'crown', 'rod straight', 'cam timing'], ['Cylinder 1']],
    'a single names no cylinder' => ['harbick-421', 'piston met a valve', '1', ['leak-down read (Piston met a valve)'], ['cylinder, leak-down']],
    'liquid over a piston' => ['pellgrove-1092', 'liquid in a cylinder', 'front', ['rod straight', 'oil changed', 'head joint'], ['crank run-out']],
    'a two-stroke that seized' => ['ulvane-139r', 'seized', '1', ['cause found', 'big end felt', 'pin and small end', 'no metal round the crank'], ['cam timing', 'filter', 'oil changed']],
    'a four-stroke that seized, under pressure' => ['harbick-421', 'seized', '1', ['passages and filter free of metal, oil changed'], ['cases flushed', 'sump']],
    'one whose oil is thrown about' => ['dunmoor-208sv', 'seized', '1', ['sump free of metal, oil changed'], ['filter', 'cases flushed']],
    'liquid over a crank that burns its oil' => ['skarn-594', 'liquid in a cylinder', 'left', ['cases drained and blown dry', 'crank run-out'], ['oil changed', 'head joint']],
    'a ring in pieces where there are no ports' => ['harbick-421', 'broke a ring', '1', ['bore looked at for scores', 'seats free'], ['ports', 'cases flushed']],
    'a ring in pieces over open cases' => ['skarn-594', 'broke a ring', 'left', ['every piece of the ring found', 'ports for nicks', 'no piece in the crank'], ['seats']],
]);

it('takes back what a piston that met a valve has made untrue, of that cylinder alone', function () {
    $sheet = demoSheet('ostrel-608');
    $met = ['act_done', ['act' => 'piston met a valve', 'cylinder' => '2']];
    $lash = fn (string $valve): array => ['reading_taken', ['spot' => 'valve_lash.'.$valve[0].'.'.$valve, 'reading' => ['passes' => '0.17 mm', 'refuses' => '0.19 mm']]];
    $state = worked($sheet, [...upTo($sheet, 'turn.timing'), $lash('1in1'), $lash('2in1'), $met]);
    expect($state->readings->at('valve_lash.1.1in1'))->not->toBeNull()->and($state->readings->at('valve_lash.2.2in1'))->toBeNull()
        ->and([stateOf($state, 'time.cam'), stateOf($state, 'turn.timing'), stateOf($state, 'pull.head')])->toBe(['void', 'void', 'done']);
});

it('asks again before the start after a mishap, and keeps what was answered', function () {
    $sheet = demoSheet('ulvane-139r');
    $acts = upTo($sheet, 'hold.start');
    expect(stateOf(worked($sheet, $acts), 'hold.start'))->toBe('done');
    $state = worked($sheet, [...$acts, ['act_done', ['act' => 'seized', 'cylinder' => '1']]]);
    expect(stateOf($state, 'hold.start'))->not->toBe('done');
});
