<?php

use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kinds;

/** The last of these entries as it stands in a log, in the shop's words: also what could not be entered today. */
function told(string $engine, array ...$acts): string
{
    $at = new DateTimeImmutable('2026-11-24T08:00:00Z');
    $state = Build::replay(demoSheet($engine), array_map(static fn (array $act, int $index): Entry => Entry::stored("$index", $act[0], json_decode(json_encode((object) $act[1])), $at, 'TW'), $acts, array_keys($acts)), $at);

    return $state->entries[count($state->entries) - 1]->said->words($state);
}

/** @return array<string, array{0: array{0: string, 1: array<string, mixed>}, 1: string, 2?: string}> what is said of each kind of entry */
function spokenOf(): array
{
    return [
        'a reading' => [['reading_taken', ['spot' => 'piston.1', 'reading' => '85.952 mm', 'tool' => ['id' => 'm3', 'name' => 'micrometer M3']]], 'Piston at gauge point: 85.952 mm, micrometer M3'],
        'a hole and a shaft' => [['reading_taken', ['spot' => 'pin_in_piston.1', 'reading' => ['hole' => '20.008 mm', 'shaft' => '20.001 mm']]], 'Pin in piston: 20.008 mm hole, 20.001 mm shaft'],
        'a step' => [['step_done', ['step' => 'look.jets']], 'Oil jets and ways blown through and seen clear'],
        'an act on a ring' => [['act_done', ['act' => 'ring filed', 'cylinder' => '1', 'ring' => 'top', 'note' => 'a tenth']], 'Ring filed, top ring: a tenth'],
        'an act on one of several' => [['act_done', ['act' => 'bore honed', 'cylinder' => '2']], 'Bore honed, cylinder 2', 'ostrel-608'],
        'a decision' => [['bore_decided', ['cylinder' => '1', 'decision' => 'rebore', 'size' => '+0.25', 'reason' => 'worn']], 'Bore: rebore to +0.25, worn'],
        'pairs' => [['pistons_paired', ['pairs' => ['1' => '2', '2' => '1']]], 'Pistons to bores: 1 takes 2, 2 takes 1', 'ostrel-608'],
        'gaps' => [['gaps_placed', ['cylinder' => '1', 'school' => 'thirds', 'angles' => ['top' => '30 deg']]], 'Ring gaps placed, thirds'],
        'an item of a hold' => [['hold_answered', ['hold' => 'hold.head', 'item' => 0]], 'Seen: dowels in on both sides, gasket flat on them'],
        'by two, each by name' => [['hold_answered', ['hold' => 'hold.head', 'item' => 0, 'second' => 'PQ', 'vouched' => true]], 'Seen: dowels in on both sides, gasket flat on them, with PQ by their own PIN'],
        'with a second person' => [['hold_answered', ['hold' => 'hold.head', 'item' => 0, 'second' => 'PQ']], 'Seen: dowels in on both sides, gasket flat on them, with PQ'],
        'nobody else there' => [['second_waived', ['hold' => 'hold.start', 'reason' => 'alone in the yard']], 'Looked at alone: before the first start, alone in the yard'],
        'an item waived' => [['hold_waived', ['hold' => 'hold.head', 'item' => 0, 'reason' => 'this head has none']], 'Waived: dowels in on both sides, gasket flat on them, this head has none'],
        'into the ledger' => [['ledger_in', ['what' => 'rag', 'slab' => 'case']], 'Put in, must come out: rag'],
        'dropped' => [['ledger_in', ['what' => 'collet', 'slab' => 'case', 'dropped' => true]], 'Dropped: collet'],
        'out of it' => [['ledger_out', ['what' => 'rag']], 'Out again: rag'],
        'owed' => [['debt_owed', ['what' => 'rotor nut', 'reason' => 'no holder']], 'Owed its torque: rotor nut, no holder'],
        'paid' => [['debt_paid', ['what' => 'rotor nut']], 'Torqued as owed: rotor nut'],
        'on for now' => [['slab_provisional', ['slab' => 'cover', 'reason' => 'to see its pointer']], 'Top cover on for now: to see its pointer'],
        'a school' => [['school_chosen', ['matter' => 'base_gasket', 'school' => 'bare', 'reason' => 'faces are new']], 'Base gasket: bare, faces are new'],
        'an open end' => [['open_end', ['text' => 'one bolt of another make']], 'Stays open: one bolt of another make'],
        'a part ordered without a day' => [['part_ordered', ['part' => 'Ring set', 'for' => []]], 'Ordered: Ring set'],
        'a part arrived' => [['part_arrived', ['part' => 'Ring set']], 'Arrived: Ring set'],
        'a wrong part' => [['part_wrong', ['part' => 'Ring set', 'reason' => 'for the older bore']], 'Wrong part: Ring set, for the older bore'],
        'from the shelf' => [['part_taken', ['part' => 'Oil filter']], 'From the shelf: Oil filter'],
        'an old part' => [['part_reused', ['part' => 'Cover gasket', 'reason' => 'soft']], 'Goes back: Cover gasket, soft'],
        'back where it was' => [['part_back', ['part' => 'rocker.1in', 'place' => '1in']], 'Rocker of inlet valve: back in its place'],
        'elsewhere' => [['part_back', ['part' => 'rocker.1in', 'place' => '1ex', 'reason' => 'shafts changed over']], 'Rocker of inlet valve: fitted at exhaust valve, shafts changed over'],
        'a wait that was begun' => [['wait_started', ['what' => 'Plates soaking', 'time' => '20 min']], 'Waiting: Plates soaking, 20 min'],
        'a mark' => [['mark_read', ['place' => 'piston.1', 'mark' => 'A']], 'Piston, cylinder 1: marked A', 'ostrel-608'],
        'out of the shop' => [['handed_over', []], 'Handed over'],
        'a reading of a place that a later sheet has not' => [['reading_taken', ['spot' => 'piston.7', 'reading' => '1 mm']], 'Reading'],
        'another version of the sheet' => [['sheet_adopted', ['version' => 3, 'from' => 2]], 'Sheet: version 3 in place of version 2'],
        'what this version cannot read' => [['engine_painted', ['colour' => 'red']], 'Cannot be read by this version: engine painted'],
        'a close call taken upon oneself' => [['verdict_accepted', ['verdict' => 'piston_clearance.1', 'state' => 'unsure', 'reason' => 'it runs warm']], 'Accepted although too close to call: clearance, it runs warm'],
        'a bore that went out' => [['work_sent', ['cylinder' => '1', 'to' => 'Corrie Bore Works', 'promised' => '2026-12-01']], 'Sent out: bore, to Corrie Bore Works, promised for Tue 1 Dec'],
        'a bore that is back' => [['work_back', ['cylinder' => '1', 'note' => 'oil way plugged']], 'Back: bore, oil way plugged'],
        'the errands changed' => [['errands_changed', ['errands' => ['head', 'valve clearance'], 'reason' => 'bore is good']], 'The job is for: head, valve clearance; bore is good'],
        'what does not apply' => [['step_set_aside', ['step' => 'look.jets', 'reason' => 'this case has none']], 'Does not apply: oil jets and ways blown through and seen clear, because this case has none'],
        'what lies in a joint' => [['pieces_laid', ['slab' => 'base-gasket', 'pieces' => [['name' => 'Paper 0.25', 'thickness' => '0.25 mm'], ['name' => 'Paper 0.25', 'thickness' => '0.25 mm']], 'crushed' => true, 'why' => 'to read on']], 'Base gasket: 2 × Paper 0.25 in, crushed, to read on'],
        'what is to lie there' => [['thickness_decided', ['joints' => [['slab' => 'base-gasket', 'pieces' => [['name' => 'Paper 0.40', 'thickness' => '0.40 mm']]]], 'reason' => 'squish']], 'Thickness: Paper 0.40, squish'],
        'a pair at a stop' => [['dead_centre_read', ['cylinder' => '1', 'way' => 'stop', 'before' => '341.5 deg', 'after' => '20 deg']], 'Top dead centre: 341.5° and 20° at a stop, halfway 0.75°'],
        'where the dial stands still' => [['dead_centre_read', ['cylinder' => 'rear', 'way' => 'dwell', 'before' => '359 deg', 'after' => '2 deg']], 'Top dead centre, rear cylinder: 359° and 2° where the dial stands still, halfway 0.5°', 'pellgrove-1092'],
        'the wheel set by it' => [['wheel_set', ['cylinder' => 'rear']], 'Degree wheel set to 0 at the top, rear cylinder', 'pellgrove-1092'],
        'an ignition point by the dial' => [['ignition_read', ['dial' => '1.80 mm', 'seen_by' => 'meter']], 'Ignition point: 1.80 mm = 18° before top, meter, fits', 'ulvane-139r'],
        'one of a cylinder of its own' => [['ignition_read', ['cylinder' => 'rear', 'degrees' => '3 deg', 'against' => true]], 'Ignition point, rear cylinder: 0.07 mm = 3° before top, out, too late, against the running direction', 'pellgrove-1092'],
        'a plate moved' => [['ignition_moved', ['way' => 'advance', 'rim' => '0.58 mm']], 'Plate moved 0.58 mm along its rim, against the rotation, to make it earlier', 'ulvane-139r'],
        'a pick-up moved' => [['ignition_moved', ['way' => 'retard', 'turn' => '1.5 deg', 'gap' => '0.4 mm']], 'Pick-up moved 1.5°, with the rotation, to make it later, gap 0.40 mm', 'pellgrove-1092'],
        'a mark punched' => [['mark_punched', ['mark' => 'plate', 'off' => '0.6 deg']], 'New mark punched beside the plate mark, which stood 0.6° off', 'ulvane-139r'],
        'cam marks' => [['cam_marks_read', ['cam' => 'inlet', 'off' => '1.4 deg']], 'Inlet cam, marks: A hair off, 1.4° late, 0.14 of a tooth: the right tooth', 'ostrel-608'],
        'cam marks after two turns, along the rim' => [['cam_marks_read', ['cam' => 'exhaust', 'rim' => '-6.35 mm', 'turned' => true]], 'Exhaust cam, marks after two turns: 1 tooth early', 'ostrel-608'],
        'cam events' => [['cam_events_read', ['cylinder' => '1', 'side' => 'inlet', 'opens' => '18 deg', 'closes' => '46 deg', 'lift' => '1 mm']], 'Inlet, cylinder 1 opens 18° before top, closes 46° after bottom at 1.00 mm lift: centreline 104°', 'ostrel-608'],
        'a cam moved by a tooth' => [['cam_moved', ['cam' => 'cam', 'way' => 'advance', 'teeth' => 1]], 'Cam moved 1 tooth forward'],
        'a cam moved in its slots' => [['cam_moved', ['cam' => 'exhaust', 'way' => 'retard', 'turn' => '1.5 deg']], 'Exhaust cam moved 1.5° in its slots back', 'ostrel-608'],
        'a shim as found' => [['shim_read', ['valve' => '2in1', 'size' => '2.45 mm', 'by' => 'printed']], 'Shim as found, inlet valve 1, cylinder 2: 2.45 mm, as printed', 'ostrel-608'],
        'shims chosen' => [['shims_decided', ['shims' => [['valve' => '1in1', 'size' => '2.4 mm', 'source' => 'bought']]]], 'Shims chosen: 1in1 2.40 mm', 'ostrel-608'],
        'no shim changes' => [['shims_decided', ['shims' => []]], 'Shims chosen: every one stays where it is', 'ostrel-608'],
        'a shim fitted' => [['shim_fitted', ['valve' => '1in1', 'size' => '2.40 mm', 'source' => 'moved', 'whose' => '3ex2']], 'Shim in, inlet valve 1, cylinder 1: 2.40 mm, from 3ex2', 'ostrel-608'],
        'shims shelved' => [['shims_shelved', ['plan' => 'd1', 'sizes' => ['2.45 mm', '2.5 mm']]], 'Left-over shims counted onto the shelf: 2.50 mm, 2.45 mm', 'ostrel-608'],
        'a stem ground' => [['stem_ground', ['valve' => '1ex', 'taken' => '0.03 mm']], 'Stem ground by 0.03 mm, exhaust valve', 'dunmoor-208sv'],
        'left loose' => [['left_loose', ['valves' => ['1ex'], 'reason' => 'seats bed in', 'recheck' => ['what' => 'Clearance, cold', 'hours' => '5 h', 'days' => 30]]], 'Left loose on purpose, 1ex: seats bed in; clearance, cold after 5 h or 30 days'],
        'a decompressor' => [['decompressor_set', ['slack' => '1.5 mm']], 'Decompressor slack 1.50 mm'],
        'a rod' => [['rod_read', ['valve' => '3ex', 'length' => '165.9 mm']], 'Rod of the exhaust valve, right cylinder: 165.90 mm', 'ferrant-738'],
        'rods let out' => [['rods_let_out', ['cylinder' => 'rear', 'flats' => 19]], 'Rods let out, rear cylinder: 3 turns and 1 flat', 'pellgrove-1092'],
        'rods that spin' => [['rods_spin', ['cylinder' => 'rear', 'valves' => ['rearin', 'rearex']]], 'Bled down, rear cylinder: inlet and exhaust rods spin by finger', 'pellgrove-1092'],
        'small parts in order' => [['order_seen', ['stack' => 'tube', 'valve' => '1in']], 'Tube in its order, every seal seen, inlet valve, left cylinder', 'ferrant-738'],
        'oil in' => [['fluid_filled', ['fluid' => 'engine oil', 'amount' => '1.9 L', 'grade' => '10W-40']], 'Engine oil in: 1.9 L, 10W-40'],
        'a leak test begun' => [['leak_gauge_read', ['starts' => true, 'pressure' => '45 kPa']], 'Leak test begun at 45 kPa', 'ulvane-139r'],
        'a gauge read later' => [['leak_gauge_read', ['pressure' => '43 kPa', 'after' => '90 s']], 'Leak test: 43 kPa after 1 min 30 s', 'ulvane-139r'],
        'a leak found' => [['leak_found', ['where' => 'base joint', 'how' => 'soap']], 'Leak at the base joint: soap bubbles', 'ulvane-139r'],
        'leak-down' => [['leak_down_read', ['cylinder' => '2', 'supply' => '700 kPa', 'held' => '616 kPa', 'hisses' => ['exhaust']]], 'Leak-down, middle cylinder: 12 % lost, heard at the exhaust', 'ferrant-738'],
        'compression with oil' => [['compression_wet', ['cylinder' => '1', 'pressure' => '990 kPa']], 'Compression with oil on the crown, left cylinder: 990 kPa', 'ferrant-738'],
        'the first start' => [['start_seen', ['item' => 'leaks', 'right' => false, 'note' => 'weeps at the tube']], 'First start: dry at every joint and union – not right: weeps at the tube', 'ferrant-738'],
        'warmed through' => [['heat_cycle', ['stage' => 'warm', 'temperature' => '85 degC']], 'Warmed through to 85 °C'],
        'cold again' => [['heat_cycle', ['stage' => 'cold']], 'Stone cold again'],
        'a run-in sheet' => [['run_in_planned', ['hours_per_week' => 4, 'stages' => [['until' => '2 h', 'throttle' => 'half']], 'rechecks' => [['what' => 'Oil changed', 'hours' => '6 h']]]], 'Run-in sheet made out: 2 h, oil changed after 6 h'],
        'looked at again' => [['recheck_done', ['recheck' => 'nothing', 'note' => 'dry']], 'Looked at again: nothing, dry'],
        'a variant tried' => [['trial_made', ['trial' => 'Head insert', 'variant' => '12.2 cm³', 'conditions' => '4 °C, dry', 'found' => 'pulls from low down', 'figure' => '1180 kPa']], 'Tried, head insert, 12.2 cm³: pulls from low down, 1180 kPa (4 °C, dry)', 'ulvane-139r'],
        'the one that stays' => [['trial_decided', ['trial' => 'Head insert', 'variant' => '12.2 cm³', 'because' => 'no pinking']], 'Stays, head insert: 12.2 cm³, no pinking', 'ulvane-139r'],
        'a step added' => [['step_added', ['id' => 'own-1', 'slab' => 'head', 'name' => 'Plug thread read', 'why' => 'It was repaired.']], 'Step added: plug thread read'],
        'a kind it knows, with nothing in it' => [['part_arrived', []], 'Cannot be read by this version: part arrived'],
    ];
}

const RUN_TOLD = [
    'a click' => [['bolt_pulled', ['stage' => 1, 'bolt' => 'h1']], 'Head nuts, stage 1: h1'],
    'a figure' => [['bolt_pulled', ['stage' => 2, 'bolt' => 'h4', 'torque' => '11 lbf·ft']], 'Head nuts, stage 2: h4, 11 lbf·ft'],
    'one that moved' => [['bolt_pulled', ['stage' => 3, 'bolt' => 'h4', 'moved' => true]], 'Head nuts, stage 3: h4, moved at the check'],
    'by feel' => [['bolt_pulled', ['stage' => 2, 'bolt' => 'h4', 'felt' => true]], 'Head nuts, stage 2: h4, by feel'],
    'past this stage' => [['bolt_pulled', ['stage' => 1, 'bolt' => 'h4', 'past' => true]], 'Head nuts, stage 1: h4, past this stage'],
    'what the hand felt' => [['bolt_pulled', ['stage' => 2, 'bolt' => 'h4', 'feel' => 'turns without rising']], 'Head nuts, stage 2: h4, turns without rising'],
    'too far' => [['bolt_pulled', ['stage' => 2, 'bolt' => 'h4', 'over' => true]], 'Head nuts, stage 2: h4, past its limit'],
    'passed by' => [['bolt_skipped', ['bolt' => 'h4', 'reason' => 'bracket first']], 'Head nuts: h4 passed by, bracket first'],
    'replaced' => [['bolt_replaced', ['bolt' => 'h4', 'reason' => 'stretched']], 'Head nuts: h4 replaced, stretched'],
    'begun again' => [['stage_restarted', ['stage' => 2, 'reason' => 'telephone']], 'Head nuts: from stage 2 again, telephone'],
    'accepted' => [['over_accepted', ['bolt' => 'h4', 'reason' => 'half a newton']], 'Head nuts: h4 accepted as it is, because half a newton'],
    'given up' => [['run_abandoned', ['reason' => 'wrong gasket']], 'Head nuts: run given up, wrong gasket'],
];

it('tells every kind of entry in the shop’s words', function (array $act, string $line, string $engine = 'harbick-421') {
    expect(told($engine, $act))->toBe($line);
})->with(spokenOf());

it('tells an opening by how the machine came in', function (array $payload, string $line) {
    $entry = Entry::stored('0', 'job_opened', (object) $payload, new DateTimeImmutable('2026-11-24T08:00:00Z'), 'IC');
    expect(($entry)->said->words(worked(demoSheet('harbick-421'), [])))->toBe($line);
})->with([
    [['condition' => 'whole'], 'Job opened, engine whole'],
    [['condition' => 'apart', 'complaint' => 'Blue smoke.'], 'Job opened, top end apart: Blue smoke.'],
]);

it('tells what happens to a run by its joint', function (array $act, string $line) {
    $sheet = demoSheet();
    $run = sprintf('%04d', count(upTo($sheet, 'on.head')) + 1);
    $entry = Entry::stored('x', $act[0], (object) ($act[1] + ['run' => $run]), new DateTimeImmutable('2026-11-24T08:00:00Z'), 'TW');
    expect($entry->said->words(worked($sheet, [...upTo($sheet, 'on.head'), pulling($sheet, 'pull.head', $run)[0]])))->toBe($line);
})->with(RUN_TOLD);

it('tells that a joint begins to be pulled, and after whose programme', function () {
    $sheet = demoSheet();
    $begun = pulling($sheet, 'pull.head', '')[0];
    $entry = Entry::stored('x', $begun[0], json_decode(json_encode((object) $begun[1])), new DateTimeImmutable('2026-11-24T08:00:00Z'), 'TW');
    expect($entry->said->words(worked($sheet, [])))->toBe('Pulling begins: head nuts, after engine maker');
});

it('has words for every kind there is', function () {
    $told = array_map(fn (array $case): string => $case[0][0], spokenOf());
    expect(array_diff(array_keys(Kinds::all()), $told, array_column(array_column(RUN_TOLD, 0), 0), ['run_started', 'job_opened', 'note_written', 'part_ordered', 'slab_lifted', 'source_chosen', 'entry_struck', 'wait_seen']))->toBe([]);
});
