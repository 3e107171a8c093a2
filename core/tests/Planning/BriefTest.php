<?php

use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Planning\Basis;
use Moltrek\Core\Planning\Errand;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\EngineSheet;

/** A job opened so, and what was entered after it. */
function briefed(EngineSheet $sheet, array $opened, array ...$acts): BuildState
{
    $at = new DateTimeImmutable('2026-11-24T08:00:00Z');
    $entries = [Entry::stored('0', 'job_opened', json_decode(json_encode((object) ($opened + ['condition' => 'whole']))), $at, 'TW')];
    foreach ($acts as $index => $act) {
        $at = $at->modify('+1 minute');
        $state = Build::replay($sheet, $entries, $at);
        $trial = new Before($sheet, $state->spots, static fn (): BuildState => $state, isTrial: true);
        $entries[] = new Entry(sprintf('%04d', $index + 1), $trial->enter($act[0], json_decode(json_encode((object) $act[1]))), $at, 'TW');
    }

    return Build::replay($sheet, $entries, $at);
}

function refusedAt(callable $what): string
{
    try {
        $what();
    } catch (Refusal $refusal) {
        return $refusal->field;
    }

    return 'nothing refused';
}

it('asks of a narrow errand only its own steps, and the same at the head of a wider one', function () {
    $ignition = briefed(demoSheet('ulvane-139r'), ['errands' => ['ignition']]);
    expect(array_keys($ignition->work->steps()))->toBe([
        'off.rotor-cover', 'off.plug.1', 'read.ignition', 'off.rotor', 'set.ignition', 'on.rotor', 'pull.rotor', 'time.ignition',
        'hold.rotor-cover', 'on.rotor-cover', 'on.plug.1', 'hold.start', 'start.first',
    ]);
});

it('is widened with a reason: what is done stays done, what is new stands open', function () {
    $sheet = demoSheet('ulvane-139r');
    $wider = briefed($sheet, ['errands' => ['ignition']], ['step_done', ['step' => 'off.rotor-cover']], ['errands_changed', ['errands' => ['ignition', 'head'], 'reason' => 'weeps at the head']]);
    expect($wider->work->isDone($wider->work->steps()['off.rotor-cover']))->toBeTrue()
        ->and($wider->work->isDone($wider->work->steps()['off.head']))->toBeFalse()
        ->and($wider->work->steps()['read.ignition']->order->needs)->toContain('pull.head');
});

it('refuses what an engine cannot be brought for, by its place in the list', function (string $engine, array $errands, string $field) {
    expect(refusedAt(fn () => briefed(demoSheet($engine), [], ['errands_changed', ['errands' => $errands, 'reason' => 'x']])))->toBe($field);
})->with([
    'an exhaust valve that is not there' => ['harbick-421', ['head', 'exhaust valve'], 'errands.1'],
    'an ignition where nothing is set' => ['harbick-421', ['ignition'], 'errands.0'],
    'a cam chest on a cam in the head' => ['ostrel-608', ['cam chest'], 'errands.0'],
    'valves on a two-stroke' => ['skarn-594', ['valve clearance'], 'errands.0'],
    'an errand nobody knows' => ['skarn-594', ['paint'], 'errands.0'],
    'nothing at all' => ['skarn-594', [], 'errands'],
]);

it('takes an engine that somebody had opened: what is off is off, and not read as found', function () {
    $state = briefed(demoSheet('harbick-421'), ['off' => ['cover']]);
    expect($state->slabs->named('cover')->value)->toBe('off')->and($state->slabs->named('cam')->value)->toBe('torqued')
        ->and(stateOf($state, 'off.cover'))->toBe('done')->and(stateOf($state, 'read.compression.1'))->toBe('done')
        ->and(stateOf($state, 'read.lash.1in'))->toBe('open')->and($state->work->openNeeds($state->work->steps()['read.lash.1in']))->toBe(['off.plug.1']);
    expect(refusedAt(fn () => Before::of($state)->enter('job_opened', (object) ['condition' => 'whole', 'off' => ['roof']])))->toBe('off.0');
});

it('puts a step aside by name: it serves as done, and can be taken up again', function () {
    $sheet = demoSheet('harbick-421');
    $aside = ['step_set_aside', ['step' => 'look.jets', 'reason' => 'this case has none']];
    $state = briefed($sheet, ['condition' => 'apart'], $aside);
    expect(stateOf($state, 'look.jets'))->toBe('done')->and($state->work->asideBy($state->work->steps()['look.jets'])?->by)->toBe('TW')
        ->and($state->work->openNeeds($state->work->steps()['hold.barrel']))->not->toContain('look.jets');
    $again = briefed($sheet, ['condition' => 'apart'], $aside, ['step_set_aside', ['step' => 'look.jets', 'reason' => 'it has two', 'taken_up' => true]]);
    expect(stateOf($again, 'look.jets'))->toBe('ready');
    expect(refusedAt(fn () => briefed($sheet, ['condition' => 'apart'], ['step_set_aside', ['step' => 'hold.barrel', 'reason' => 'no time']])))->toBe('step');
});

it('adds a step of the job’s own where it was put, a question as a hold', function () {
    $step = ['id' => 'sleeve', 'slab' => 'head', 'name' => 'Plug thread sleeved', 'kind' => 'hold', 'question' => 'Does the plug turn in by hand?',
        'needs' => ['clean.head'], 'before' => ['on.head'], 'parts' => ['Thread sleeve'], 'tools' => ['tap']];
    $state = briefed(demoSheet('harbick-421'), ['condition' => 'apart'], ['step_added', $step]);
    $added = $state->work->steps()['sleeve'];
    expect($added->order->needs)->toBe(['clean.head'])->and($added->asks->items)->toBe(['Does the plug turn in by hand?'])->and($added->effect->parts)->toBe(['Thread sleeve'])
        ->and($state->work->steps()['on.head']->order->needs)->toContain('sleeve');
    $again = fn (array $change): string => refusedAt(fn () => Before::of($state)->enter('step_added', json_decode(json_encode((object) ($change + $step)))));
    expect($again([]))->toBe('id')->and($again(['id' => 'x', 'slab' => 'roof']))->toBe('slab')->and($again(['id' => 'x', 'needs' => ['paint']]))->toBe('needs.0')
        ->and($again(['id' => 'x', 'needs' => ['on.head'], 'before' => ['clean.head']]))->toBe('before.0');
});

it('follows what is decided of a bore', function (string $decision, array $has, array $hasNot) {
    $state = briefed(demoSheet('harbick-421'), ['condition' => 'apart'], ['bore_decided', ['cylinder' => '1', 'decision' => $decision, 'size' => '+0.25']]);
    expect(array_keys($state->work->steps()))->toContain(...$has)->not->toContain(...$hasNot);
})->with([
    ['keep', ['work.bore.1', 'work.wash.1'], ['read.bore.1.again', 'send.bore.1']],
    ['piston', ['work.bore.1', 'work.wash.1', 'read.bore.1.again'], ['send.bore.1']],
    ['hone', ['work.bore.1', 'work.wash.1', 'read.bore.1.again'], ['send.bore.1']],
    ['rebore', ['send.bore.1', 'work.wash.1', 'read.bore.1.again'], ['work.bore.1']],
    ['replate', ['send.bore.1', 'work.wash.1', 'read.bore.1.again'], ['work.bore.1']],
    ['replace', ['work.wash.1', 'read.bore.1.again'], ['work.bore.1', 'send.bore.1']],
]);

it('refuses to hone a plated bore to size, or to bore it', function (string $job) {
    $decide = fn (string $engine): string => refusedAt(fn () => briefed(demoSheet($engine), ['condition' => 'apart'], ['bore_decided', ['cylinder' => '1', 'decision' => $job, 'size' => '+0.25']]));
    expect($decide('ulvane-139r'))->toBe('decision')->and($decide('harbick-421'))->toBe('nothing refused');
})->with(['hone', 'rebore']);

it('reads a worked bore again, with readings taken after the wash, and keeps the first as the before', function () {
    $sheet = demoSheet('ulvane-139r');
    $read = fn (string $size): array => array_map(fn (string $place): array => ['reading_taken', ['spot' => "bore.1.$place", 'reading' => $size]], ['across.12', 'along.12', 'across.30', 'along.30', 'across.68', 'along.68']);
    $rings = [];
    foreach (['top', 'second'] as $ring) {
        $rings[] = ['reading_taken', ['spot' => "ring_gap.1.$ring", 'reading' => ['passes' => '0.25 mm', 'refuses' => '0.28 mm']]];
        $rings[] = ['reading_taken', ['spot' => "ring_side_clearance.1.$ring", 'reading' => ['passes' => '0.04 mm', 'refuses' => '0.05 mm']]];
    }
    $all = [['step_done', ['step' => 'clean.barrel']], ['reading_taken', ['spot' => 'piston.1', 'reading' => '54.950 mm']], ...$read('55.003 mm'), ...$rings];
    $decided = ['bore_decided', ['cylinder' => '1', 'decision' => 'piston', 'size' => 'standard']];
    $done = fn (string $step): array => ['step_done', ['step' => $step]];
    $acts = [...$all, $decided, $done('work.bore.1'), $done('work.wash.1'), $done('order.parts')];
    $worked = briefed($sheet, ['condition' => 'apart'], ...$acts);
    expect(stateOf($worked, 'read.bore.1'))->toBe('done')->and(stateOf($worked, 'read.bore.1.again'))->toBe('ready');
    $again = briefed($sheet, ['condition' => 'apart'], ...[...$acts, ['reading_taken', ['spot' => 'piston.1', 'reading' => '54.951 mm']], ...$read('55.006 mm'), ...$rings]);
    expect($again->work->unreadOf($again->work->steps()['read.bore.1.again']))->toBe([])
        ->and($again->readings->of($again->readings->firstAt('bore.1.across.12'))?->text)->toContain('55.003');
});

it('stops just the step that a debt names in its release', function () {
    $sheet = demoSheet('ulvane-139r');
    $owed = ['debt_owed', ['what' => 'gear nut', 'reason' => 'gear cannot be held', 'release' => 'on.barrel']];
    expect(blockedBy(worked($sheet, [...upTo($sheet, 'hold.barrel'), $owed]), 'on.barrel'))->toBe(['debt'])
        ->and(blockedBy(worked($sheet, [...upTo($sheet, 'hold.start'), ['debt_owed', ['what' => 'gear nut', 'reason' => 'x']]]), 'start.first'))->toBe(['debt']);
});

it('asks for a prop before the slab that hides it, not before the step that needs it, and before the crank is turned', function () {
    $sheet = demoSheet('ferrant-738');
    $prop = ['ledger_in', ['what' => 'piston prop', 'slab' => 'case']];
    $state = worked($sheet, [...upTo($sheet, 'hold.barrel'), $prop]);
    expect(stateOf($state, 'on.barrel.1'))->toBe('ready')->and(stateOf($state, 'on.barrel.2'))->toBe('ready');
    $lowered = worked($sheet, [...upTo($sheet, 'on.barrel.3'), $prop]);
    expect(blockedBy($lowered, 'on.barrel'))->toBe(['ledger']);
    $locked = worked($sheet, [...upTo($sheet, 'on.barrel'), ['ledger_in', ['what' => 'crank lock', 'slab' => 'case']]]);
    expect(blockedBy($locked, 'turn.barrel'))->toBe(['ledger']);
});

it('does not turn the crank, nor load another box, while lifters are loaded', function () {
    $sheet = demoSheet('pellgrove-1092');
    $errand = new Basis([Errand::ValveClearance]);
    $entries = [];
    $at = new DateTimeImmutable('2026-11-24T08:00:00Z');
    foreach (Plan::of($sheet, $errand) as $id => $step) {
        if (str_starts_with($id, 'off.') || in_array($id, ['on.rods.front', 'hold.rockers-front', 'on.rockers-front', 'pull.rockers-front', 'on.rods.rear', 'hold.rockers-rear', 'on.rockers-rear'], true)) {
            $entries[] = Entry::stored($id, 'step_done', (object) ['step' => $id], $at = $at->modify('+1 minute'), 'TW');
        }
    }
    $state = Build::replay($sheet, $entries, $at, $errand);
    $blocked = $state->work->blockages($state->work->steps()['pull.rockers-rear']);
    expect([$blocked[0]->kind, $blocked[0]->id])->toBe(['access', 'set.rods.front']);
    $freed = Build::replay($sheet, [...$entries, Entry::stored('w', 'wait_seen', (object) ['wait' => 'bleed-front'], $at = $at->modify('+30 minutes'), 'TW'),
        Entry::stored('s', 'step_done', (object) ['step' => 'set.rods.front'], $at->modify('+1 minute'), 'TW')], null, $errand);
    expect(stateOf($freed, 'pull.rockers-rear'))->toBe('ready');
});

it('slackens a head whose fasteners a box shares, and asks for its pull and its gasket', function () {
    $sheet = demoSheet('pellgrove-1092', function (stdClass $sheet): void {
        foreach ($sheet->slabs as $slab) {
            if ($slab->id === 'head-front') {
                $slab->pulled_after = ['rockers-front'];
            }
        }
    });
    $plan = Plan::of($sheet, new Basis([Errand::ValveClearance]));
    expect($plan)->toHaveKey('pull.head-front')->not->toHaveKey('on.head-front')->not->toHaveKey('pull.head-rear')
        ->and($plan['pull.head-front']->order->needs)->toContain('on.rockers-front')
        ->and(implode(' ', $plan['hold.rockers-front']->asks->items))->toContain('gasket has not moved');
    $opened = briefed($sheet, ['errands' => ['valve clearance']], ['slab_lifted', ['slab' => 'rockers-front']]);
    expect($opened->slabs->named('head-front')->value)->toBe('loose')->and($opened->slabs->named('head-rear')->value)->toBe('torqued');
});

it('refuses a sheet whose slabs or keys cannot be so', function (callable $spoil, string $field, string $engine = 'pellgrove-1092') {
    expect(refusedAt(fn () => demoSheet($engine, $spoil)))->toBe($field);
})->with([
    'on itself' => [fn (stdClass $sheet) => $sheet->slabs[3]->on = ['barrel-front'], 'slabs.3.on.0'],
    'on a later one' => [fn (stdClass $sheet) => $sheet->slabs[1]->on = ['head-front'], 'slabs.1.on.0'],
    'pulled after one that does not stand on it' => [fn (stdClass $sheet) => $sheet->slabs[7]->pulled_after = ['rockers-rear'], 'slabs.7.pulled_after.0'],
    'marks behind nothing' => [fn (stdClass $sheet) => $sheet->valve_train->marks_behind = 'roof', 'valve_train.marks_behind'],
    'oil seen nowhere' => [fn (stdClass $sheet) => $sheet->oil_seen = ['roof'], 'oil_seen'],
    'ignition behind nothing' => [fn (stdClass $sheet) => $sheet->ignition = (object) ['behind' => 'roof'], 'ignition.behind'],
    'caps in the case' => [fn (stdClass $sheet) => $sheet->valve_train->cam_entry = 'caps', 'valve_train.cam_entry'],
    'a chain without valves' => [fn (stdClass $sheet) => $sheet->valve_train->chain = 'endless', 'valve_train.chain', 'skarn-594'],
    'a cam in the case that lies in the head' => [fn (stdClass $sheet) => $sheet->valve_train->cam_entry = 'in case', 'valve_train.cam_entry', 'ostrel-608'],
]);

it('replays a step of the job’s own for ever, whatever became of the plan around it', function (array ...$acts) {
    $step = fn (string $id, array $more): array => ['step_added', $more + ['id' => $id, 'slab' => 'head', 'name' => 'Own '.$id]];
    $at = new DateTimeImmutable('2026-11-24T08:00:00Z');
    $entries = [Entry::stored('0', 'job_opened', (object) ['condition' => 'apart'], $at, 'TW')];
    foreach ([$step('a', ['needs' => ['clean.head']]), $step('b', ['needs' => ['a'], 'before' => ['on.head']]), ...$acts] as $index => [$kind, $payload]) {
        $entries[] = Entry::stored('e'.$index, $kind, json_decode(json_encode((object) $payload)), $at = $at->modify('+1 minute'), 'TW');
    }
    $plan = Build::replay(demoSheet('harbick-421'), $entries, $at)->work->steps();
    expect($plan)->toHaveKey('b')->and($plan['b']->order->needs)->toBe(array_values(array_intersect(['a'], array_keys($plan))));
})->with([
    'as it was' => [['note_written', ['text' => 'x']]],
    'the step before it struck out' => [['entry_struck', ['entry' => 'e0', 'reason' => 'not needed']]],
    'a narrower errand' => [['errands_changed', ['errands' => ['look'], 'reason' => 'the bore is good']]],
    'a third one that goes in a circle, or on a slab that is not there' => [
        ['step_added', ['id' => 'c', 'slab' => 'head', 'name' => 'Own c', 'needs' => ['on.head'], 'before' => ['clean.head', 'b']]],
        ['step_added', ['id' => 'd', 'slab' => 'roof', 'name' => 'Own d', 'needs' => ['paint']]],
    ],
]);
