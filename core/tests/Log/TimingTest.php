<?php

use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Timing\CamLoop;
use Moltrek\Core\Log\Timing\CamSeat;
use Moltrek\Core\Log\Timing\IgnitionLoop;
use Moltrek\Core\Log\Timing\TopOf;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Timing\TopNeed;

/** A machine that came in whole, for its ignition or its cams alone. */
function atTheDial(array $acts, string $engine = 'ulvane-139r', string $errand = 'ignition'): BuildState
{
    $sheet = demoSheet($engine);
    $at = new DateTimeImmutable('2026-11-24T08:00:00Z');
    $entries = [Entry::stored('0', 'job_opened', json_decode(json_encode(['condition' => 'whole', 'errands' => [$errand]])), $at, 'TW')];
    foreach ($acts as $index => $act) {
        $at = $at->modify('+1 minute');
        $entries[] = enteredAs(sprintf('%04d', $index + 1), $act, $at, $sheet, $entries);
    }

    return Build::replay($sheet, $entries, $at);
}

/** The plate set once, the rotor drawn up. */
function rotorOn(string $asFound = '1.40'): array
{
    $acts = [step('off.rotor-cover'), step('off.plug.1'), dial($asFound), step('off.rotor'), ['ignition_moved', ['way' => 'advance']], step('on.rotor')];

    return [...$acts, ...pulling(demoSheet(), 'pull.rotor', sprintf('%04d', count($acts) + 1))];
}

function dial(string $figure): array
{
    return ['ignition_read', ['dial' => "$figure mm", 'seen_by' => 'meter']];
}

function step(string $id): array
{
    return ['step_done', ['step' => $id]];
}

it('closes in on the point: read late, the rotor off, the plate moved, the rotor on, read again, until it stands inside', function () {
    $loop = fn (BuildState $state): array => [(new IgnitionLoop($state))->task()->value, (new IgnitionLoop($state))->headline()];
    $acts = [step('off.rotor-cover'), step('off.plug.1')];
    expect($loop(atTheDial($acts)))->toBe(['read', 'Not read yet']);

    // 1.45 mm is 16.17°, 1.80 is 18.03°: the point comes 1.9° late
    $acts[] = dial('1.45');
    expect($loop(atTheDial($acts)))->toBe(['rotor off', 'Too late by 1.9°'])
        ->and(stateOf(atTheDial($acts), 'read.ignition'))->toBe('done');
    $acts[] = step('off.rotor');
    $state = atTheDial($acts);
    expect($loop($state)[0])->toBe('move')
        // 1.87° on a radius of 37 mm is 37 · 0.03261 = 1.21 mm along the rim
        ->and((new IgnitionLoop($state))->advice())->toContain('1.9° anticlockwise, seen from the rotor side, against the rotation: 1.21 mm along its rim');
    $acts[] = ['ignition_moved', ['way' => 'advance', 'rim' => '1.2 mm']];
    expect(stateOf(atTheDial($acts), 'set.ignition'))->toBe('done')->and($loop(atTheDial($acts)))->toBe(['rotor on', 'Moved and locked']);
    array_push($acts, step('on.rotor'), ...pulling(demoSheet(), 'pull.rotor', sprintf('%04d', count($acts) + 2)));
    expect($loop(atTheDial($acts))[0])->toBe('read');

    $acts[] = dial('1.66');
    $state = atTheDial($acts);
    expect($loop($state))->toBe(['rotor off', 'Too late by 0.7°'])
        ->and(stateOf($state, 'set.ignition'))->toBe('void')->and(stateOf($state, 'time.ignition'))->toBe('open');
    array_push($acts, ['act_done', ['act' => 'rotor off']], ['ignition_moved', ['way' => 'advance', 'rim' => '0.5 mm']], step('on.rotor'));
    array_push($acts, ...pulling(demoSheet(), 'pull.rotor', sprintf('%04d', count($acts) + 1)));
    $acts[] = dial('1.81');
    $state = atTheDial($acts);
    expect($loop($state))->toBe(['done', 'Inside'])->and(stateOf($state, 'time.ignition'))->toBe('done')
        ->and(array_map(fn ($round): float => round($round->read->read->degrees / 1e9, 1), (new IgnitionLoop($state))->rounds()))->toBe([16.2, 17.3, 18.1]);
});

it('reads again what the rotor coming off has made untrue, and not what another gasket has', function () {
    $acts = [...rotorOn(), dial('1.80')];
    expect(stateOf(atTheDial($acts), 'time.ignition'))->toBe('done');
    $gasket = atTheDial([...$acts, ['act_done', ['act' => 'base gasket changed']]]);
    expect(stateOf($gasket, 'time.ignition'))->toBe('done')->and($gasket->timings->ignitionIsInside())->toBeTrue();
    $off = atTheDial([...$acts, ['act_done', ['act' => 'rotor off']]]);
    expect(stateOf($off, 'time.ignition'))->toBe('void')->and($off->timings->rounds()[1]->staleBecause)->toBe('rotor off')
        ->and((new IgnitionLoop($off))->headline())->toBe('To be read again: rotor off');
});

it('says when the point does not follow its plate, and asks for no more of the same', function (array $move, string $second, string $task, string $headline, string $advice) {
    // 1.40 mm is 15.88°, so 2.15° late of 18.03°; 0.62 mm along the rim of 37 mm is 0.96°
    $acts = [step('off.rotor-cover'), step('off.plug.1'), dial('1.40'), step('off.rotor'), ['ignition_moved', $move], step('on.rotor')];
    $acts = [...$acts, ...pulling(demoSheet(), 'pull.rotor', sprintf('%04d', count($acts) + 1)), dial($second)];
    $loop = new IgnitionLoop(atTheDial($acts));
    expect([$loop->task()->value, $loop->headline()])->toBe([$task, $headline])->and($loop->advice())->toContain($advice);
})->with([
    'less than half of what it was moved' => [['way' => 'advance'], '1.48', 'look', 'It does not follow: moved by 2.2°, it came by 0.5°', 'Not more of the same. Dial or wheel: zeroed'],
    'the other way' => [['way' => 'advance'], '1.35', 'look', 'It does not follow: moved by 2.2°, it came the other way', 'Which way it was moved, seen from the rotor side.'],
    'more than half' => [['way' => 'advance'], '1.62', 'rotor off', 'Too late by 0.9°', 'Rotor held, its nut off'],
    'by what was said of the move: it followed' => [['way' => 'advance', 'rim' => '0.62 mm'], '1.50', 'rotor off', 'Too late by 1.6°', 'Rotor held, its nut off'],
    'by what was said of the move: it did not' => [['way' => 'advance', 'rim' => '0.62 mm'], '1.44', 'look', 'It does not follow: moved by 1°, it came by 0.2°', 'Rotor off: key whole'],
    'moved the wrong way by hand, and it went there' => [['way' => 'retard', 'turn' => '1 deg'], '1.25', 'rotor off', 'Too late by 3°', 'Rotor held, its nut off'],
    'inside all the same' => [['way' => 'advance', 'turn' => '20 deg'], '1.80', 'done', 'Inside', 'Nothing more to do'],
]);

it('goes on from what is read once more, with or without a look under the rotor', function () {
    $acts = [...rotorOn(), dial('1.45')];
    $task = fn (array $acts): string => (new IgnitionLoop(atTheDial($acts)))->task()->value;
    expect($task($acts))->toBe('look')->and($task([...$acts, dial('1.45')]))->toBe('rotor off');
    $off = [...$acts, ['act_done', ['act' => 'rotor off']]];
    expect($task($off))->toBe('rotor on')->and((new IgnitionLoop(atTheDial($off)))->advice())->toStartWith('Key whole');
    $on = [...$off, step('on.rotor')];
    array_push($on, ...pulling(demoSheet(), 'pull.rotor', sprintf('%04d', count($on) + 1)));
    expect($task($on))->toBe('look')->and($task([...$on, dial('1.60')]))->toBe('rotor off')->and($task([...$on, dial('1.81')]))->toBe('done');
});

it('never has a crank turned back that is not to be', function (string $engine, string $allowed) {
    $sheet = demoSheet($engine, function (stdClass $sheet): void {
        $sheet->ignition = (object) ['set_by' => 'pick-up', 'point' => (object) ['nominal' => '10 deg', 'plus' => '1 deg', 'minus' => '1 deg', 'source' => 'engine maker']];
        $sheet->marks = [];
    });
    expect((new IgnitionLoop(worked($sheet, [])))->advice())->toContain($allowed);
})->with([
    'where the sheet says that it harms' => ['harbick-421', 'never back, the cam chain held'],
    'where it does not' => ['ulvane-139r', 'taken back well past the point'],
]);

it('brings a reading back with its strike-out', function () {
    $acts = [...rotorOn(), dial('1.40')];
    expect(stateOf(atTheDial($acts), 'set.ignition'))->toBe('void');
    $struck = atTheDial([...$acts, ['entry_struck', ['entry' => sprintf('%04d', count($acts)), 'reason' => 'dial slipped']]]);
    expect(stateOf($struck, 'set.ignition'))->toBe('done')->and($struck->timings->rounds())->toHaveCount(1);
});

it('times each cylinder that has a mark of its own from that mark', function () {
    $sheet = demoSheet('pellgrove-1092');
    $ready = array_slice(upTo($sheet, 'time.ignition'), 0, -1);
    $read = fn (string $cylinder, string $degrees): array => ['ignition_read', ['cylinder' => $cylinder, 'degrees' => "$degrees deg"]];
    $front = worked($sheet, [...$ready, $read('front', '8')]);
    expect(stateOf($front, 'time.ignition'))->toBe('ready')->and((new IgnitionLoop($front, 'front'))->headline())->toBe('Inside')
        ->and((new IgnitionLoop($front, 'rear'))->headline())->toBe('Not read yet');
    $both = worked($sheet, [...$ready, $read('front', '8'), $read('rear', '8.5')]);
    expect(stateOf($both, 'time.ignition'))->toBe('done');
});

it('finds top dead centre from pairs, says what it is good for, and does not believe one that lies apart', function () {
    $pair = fn (string $before, string $after, string $way = 'stop'): array => ['dead_centre_read', ['cylinder' => '1', 'way' => $way, 'before' => "$before deg", 'after' => "$after deg"]];
    $two = atTheDial([$pair('341.5', '20'), $pair('330', '31.6')]);
    expect($two->timings->pairsOf('1'))->toHaveCount(2);
    expect(fn () => atTheDial([$pair('341.5', '20'), $pair('330', '31.6'), $pair('330', '50')]))
        ->toThrow(Refusal::class, 'This pair puts the top 9.20 deg from where the others do');
    expect(fn () => atTheDial([$pair('0', '180')]))->toThrow(Refusal::class, 'exactly opposite');
    expect(fn () => atTheDial([['wheel_set', ['cylinder' => '1']]]))->toThrow(Refusal::class, 'No pair has been read');
    $set = atTheDial([$pair('341.5', '20'), ['wheel_set', ['cylinder' => '1']]]);
    expect($set->timings->pairsOf('1'))->toBe([])->and($set->timings->wheelSetBy('1'))->not->toBeNull();
});

function cams(BuildState $state, string $cam, string $bank = ''): CamLoop
{
    return new CamLoop($state, CamSeat::named($state->sheet, $bank, $cam));
}

it('finds a cam a tooth off, and follows it to the second look after two turns', function () {
    $sheet = demoSheet('harbick-421');
    $marks = fn (string $off, bool $turned = false): array => ['cam_marks_read', ['cam' => 'cam', 'off' => "$off deg", 'turned' => $turned]];
    $ready = array_slice(upTo($sheet, 'time.cam'), 0, -1);
    // one of 34 teeth is 10.59° of the cam
    $off = worked($sheet, [...$ready, $marks('11')]);
    expect([cams($off, 'cam')->task()->value, cams($off, 'cam')->headline()])->toBe(['move', '1 tooth late, then 0.4° late'])
        ->and(cams($off, 'cam')->advice())->toContain('one tooth forward')->and(stateOf($off, 'time.cam'))->toBe('ready');
    $moved = worked($sheet, [...$ready, $marks('11'), ['cam_moved', ['cam' => 'cam', 'way' => 'advance', 'teeth' => 1]]]);
    expect(cams($moved, 'cam')->headline())->toBe('To be read again: moved 1 tooth forward')->and(stateOf($moved, 'on.chain'))->toBe('void');
    $right = worked($sheet, [...$ready, $marks('0.4')]);
    expect([cams($right, 'cam')->task()->value, stateOf($right, 'time.cam')])->toBe(['turn', 'done'])
        ->and(cams($right, 'cam')->headline())->toBe('A hair off, 0.4° late, 0.04 of a tooth: the right tooth');
    $turnedReady = array_slice(upTo($sheet, 'turn.timing'), 0, -1);
    $again = worked($sheet, [...$turnedReady, $marks('0.4'), $marks('0.5', true)]);
    expect([cams($again, 'cam')->task()->value, stateOf($again, 'turn.timing')])->toBe(['done', 'done']);
    $out = worked($sheet, [...$turnedReady, $marks('0.4'), $marks('0.5', true), ['act_done', ['act' => 'cam out']]]);
    expect(cams($out, 'cam')->headline())->toBe('To be read again: cam out');
});

it('waits for both cams of a head before it calls them timed', function () {
    $sheet = demoSheet('ostrel-608');
    $ready = array_slice(upTo($sheet, 'time.cam'), 0, -1);
    $marks = fn (string $cam): array => ['cam_marks_read', ['cam' => $cam, 'off' => '0 deg']];
    expect(stateOf(worked($sheet, [...$ready, $marks('inlet')]), 'time.cam'))->toBe('ready')
        ->and(stateOf(worked($sheet, [...$ready, $marks('inlet'), $marks('exhaust')]), 'time.cam'))->toBe('done');
});

it('reads the events of a cam against what its maker states, and forgets them with the cam', function () {
    $events = ['cam_events_read', ['cylinder' => '1', 'side' => 'inlet', 'opens' => '10 deg', 'closes' => '54 deg']];
    $state = atTheDial([$events], 'ostrel-608', 'cam');
    // duration 244, centreline 112 where 104 is aimed at: 8° of the crank late, 4° of the cam; a tooth of 36 is 20° of the crank
    $timing = cams($state, 'inlet')->events('1');
    expect($timing->inlet?->centreline())->toEqual(112e9)->and($timing->inletVerdict()->words)->toBe('Out, too large')
        ->and(cams($state, 'inlet')->mending($timing->inletCorrection(), $timing->inletVerdict()->state))->toContain('Less than half a tooth off');
    expect(cams(atTheDial([$events, ['cam_moved', ['cam' => 'inlet', 'way' => 'advance', 'teeth' => 1]]], 'ostrel-608', 'cam'), 'inlet')->events('1')->inlet)->toBeNull();
});

it('refuses what this engine has not', function (string $engine, array $act, string $why) {
    expect(fn () => atTheDial([$act], $engine, in_array($engine, ['ulvane-139r', 'pellgrove-1092'], true) ? 'ignition' : 'look'))->toThrow(Refusal::class, $why);
})->with([
    'a plate that lies under its rotor' => ['ulvane-139r', ['ignition_moved', ['way' => 'advance']], 'The plate lies under the rotor'],
    'an ignition with nothing to set' => ['ostrel-608', ['ignition_moved', ['way' => 'advance']], 'Nothing can be set'],
    'a reading against the direction of an engine that is not turned back' => ['harbick-421', ['ignition_read', ['degrees' => '10 deg', 'against' => true]], 'This engine is not turned back'],
    'a point below the bottom' => ['ulvane-139r', ['ignition_read', ['dial' => '60 mm']], 'does not go so far down'],
    'a point past the bottom' => ['ulvane-139r', ['ignition_read', ['degrees' => '181 deg']], 'between top and bottom'],
    'two ways of saying it' => ['ulvane-139r', ['ignition_read', ['degrees' => '18 deg', 'dial' => '1.8 mm']], 'one way'],
    'a cam on a two-stroke' => ['ulvane-139r', ['cam_marks_read', ['cam' => 'cam', 'off' => '0 deg']], ''],
    'a wheel whose teeth nobody knows' => ['ferrant-738', ['cam_marks_read', ['cam' => 'cam', 'off' => '3 deg']], ''],
    'slots where there are none' => ['harbick-421', ['cam_moved', ['cam' => 'cam', 'way' => 'advance', 'turn' => '1 deg']], 'no slots'],
    'a mark that the sheet does not name' => ['ulvane-139r', ['mark_punched', ['mark' => 'lid', 'off' => '1 deg']], ''],
    'events that close before they open' => ['ostrel-608', ['cam_events_read', ['cylinder' => '1', 'side' => 'inlet', 'opens' => '-100 deg', 'closes' => '-90 deg']], 'closes before it opens'],
]);

it('asks for the rod where the sheet states none, and takes it with the reading', function () {
    $sheet = demoSheet('ulvane-139r', function (stdClass $document): void {
        unset($document->geometry->rod);
    });
    expect(fn () => worked($sheet, [dial('1.8')]))->toThrow(Refusal::class);
    $state = worked($sheet, [['ignition_read', ['dial' => '1.80 mm', 'rod' => '112 mm']]]);
    expect($state->timings->rounds()[0]->read->verdict->state->value)->toBe('within');
});

it('refuses a sheet that contradicts itself about its timing', function (string $engine, callable $change, string $path) {
    try {
        demoSheet($engine, $change);
    } catch (Refusal $refusal) {
        expect($refusal->toArray()['field'])->toBe($path);

        return;
    }
    throw new RuntimeException('taken');
})->with([
    'a point past the bottom' => ['ulvane-139r', fn (stdClass $sheet) => $sheet->ignition->point = (object) ['nominal' => '60 mm'], 'ignition.point.nominal'],
    'a point in two kinds' => ['ulvane-139r', fn (stdClass $sheet) => $sheet->ignition->point = (object) ['min' => '17 deg', 'max' => '2 mm'], 'ignition.point'],
    'a dial that lies down' => ['ulvane-139r', fn (stdClass $sheet) => $sheet->ignition->incline = '70 deg', 'ignition.incline'],
    'a trusted mark that is not there' => ['ulvane-139r', fn (stdClass $sheet) => $sheet->ignition->trusted = 'lid', 'ignition.trusted'],
    'a mark on a missing wheel' => ['ulvane-139r', fn (stdClass $sheet) => $sheet->marks[0]->on = 'cam wheel', 'marks.0.on'],
    'a mark on a missing plate' => ['pellgrove-1092', fn (stdClass $sheet) => $sheet->marks[0]->on = 'plate', 'marks.0.on'],
    'a mark of a missing cylinder' => ['ulvane-139r', fn (stdClass $sheet) => $sheet->marks[0]->cylinder = '2', 'marks.0.cylinder'],
    'a mark twice' => ['ulvane-139r', fn (stdClass $sheet) => $sheet->marks[1]->id = 'case', 'marks.1.id'],
    'a side on a single cam' => ['harbick-421', fn (stdClass $sheet) => $sheet->marks[1]->side = 'inlet', 'marks.1.side'],
    'a cylinder that fires away from its top' => ['ostrel-608', fn (stdClass $sheet) => $sheet->layout->cylinders[1]->fires = '90 deg', 'layout.cylinders.1.fires'],
    'cams on a two-stroke' => ['ulvane-139r', fn (stdClass $sheet) => $sheet->valve_train->cams = (object) ['lift' => '1 mm'], 'valve_train.cams'],
    'events that close before they open' => ['ostrel-608', fn (stdClass $sheet) => $sheet->valve_train->cams->inlet->closes = '-200 deg', 'valve_train.cams.inlet.closes'],
    'a shim that moves nothing' => ['harbick-421', fn (stdClass $sheet) => $sheet->wheels->offset->factor = 0, 'wheels.offset.factor'],
]);

it('says of every engine which way it runs and from where that is seen', function (string $engine, string $runs, string $from, bool $back) {
    $crank = demoSheet($engine)->crank;
    expect([$crank->runs()->value, $crank->seenFrom(), $crank->mayTurnBack()])->toBe([$runs, $from, $back]);
})->with([
    ['ulvane-139r', 'clockwise', 'the rotor side', true],
    ['harbick-421', 'anticlockwise', 'the rotor', false],
    ['ostrel-608', 'clockwise', 'the right', false],
    ['skarn-594', 'anticlockwise', 'the pulley', true],
    ['pellgrove-1092', 'clockwise', 'the right', true],
]);

it('moves a cam in the slots of its wheel by degrees, and does only its bolts and what was read again', function () {
    $sheet = demoSheet('ostrel-608', function (stdClass $document): void {
        $document->valve_train->wheel = 'bolted';
        $document->valve_train->cam_wheel->slotted = true;
    });
    $acts = [...upTo($sheet, 'turn.timing'), ['cam_events_read', ['cylinder' => '1', 'side' => 'inlet', 'opens' => '10 deg', 'closes' => '54 deg']]];
    $before = worked($sheet, $acts);
    expect(cams($before, 'inlet')->mending(cams($before, 'inlet')->events('1')->inletCorrection(), cams($before, 'inlet')->events('1')->inletVerdict()->state))
        ->toBe('Turn the cam 4° forward in the slots of its wheel, bolts drawn up, and read again.');
    $after = worked($sheet, [...$acts, ['cam_moved', ['cam' => 'inlet', 'way' => 'advance', 'turn' => '4 deg']]]);
    expect([stateOf($after, 'pull.wheel'), stateOf($after, 'time.cam'), stateOf($after, 'turn.timing'), stateOf($after, 'on.chain')])->toBe(['void', 'void', 'void', 'done'])
        ->and(cams($after, 'inlet')->events('1')->inlet)->toBeNull();
});

it('says for what a top is known exactly enough', function (array $pairs, ?string $doubt, array $good) {
    $acts = array_map(fn (array $pair): array => ['dead_centre_read', ['cylinder' => '1', 'way' => $pair[2] ?? 'stop', 'before' => "$pair[0] deg", 'after' => "$pair[1] deg"]], $pairs);
    $known = (new TopOf(atTheDial($acts, 'harbick-421', 'look'), '1'))->known();
    expect(array_column(array_filter(TopNeed::cases(), fn (TopNeed $need): bool => $known->isGoodFor($need)), 'value'))->toBe($good)
        ->and($known->doubt() === null ? null : number_format($known->doubt() / 1e9, 1))->toBe($doubt);
})->with([
    'one pair says nothing of itself' => [[['350', '10']], null, ['valve clearance']],
    'two that agree to three tenths' => [[['350', '10'], ['340', '20.6']], '0.3', ['valve clearance', 'cams by their marks', 'cams by the degree wheel', 'ignition']],
    'two a degree and a half apart' => [[['350', '10'], ['340', '23']], '1.5', ['valve clearance', 'cams by their marks']],
    // a dial of a hundredth stands still where 36.25·(1 + 36.25/124)·θ²/2 = 0.01, θ = 1.19°
    'where the dial stands still' => [[['358', '2', 'dwell']], '1.2', ['valve clearance', 'cams by their marks']],
]);

it('asks of an ignition point’s top half of its own tolerance', function () {
    // 1.70 to 1.90 mm is 17.52° to 18.54°
    expect((new TopOf(atTheDial([]), '1'))->tolerance() / 1e9)->toEqualWithDelta(1.0155, 0.001);
});

it('leaves the rotor where it is when the point was found inside', function () {
    $found = atTheDial([step('off.rotor-cover'), step('off.plug.1'), dial('1.80')]);
    expect(array_column((new IgnitionLoop($found))->spared(), 'id'))->toBe(['off.rotor', 'set.ignition', 'on.rotor', 'pull.rotor'])
        ->and((new IgnitionLoop($found))->advice())->toStartWith('As it came in: nothing is taken off to set it.');
    $aside = fn (string $step): array => ['step_set_aside', ['step' => $step, 'reason' => 'the point was found inside']];
    $left = atTheDial([step('off.rotor-cover'), step('off.plug.1'), dial('1.80'), $aside('off.rotor'), $aside('set.ignition'), $aside('on.rotor'), $aside('pull.rotor')]);
    expect(stateOf($left, 'time.ignition'))->toBe('ready')->and((new IgnitionLoop($left))->spared())->toBe([]);
    expect((new IgnitionLoop(atTheDial([...rotorOn(), dial('1.80')])))->spared())->toBe([]);
});
