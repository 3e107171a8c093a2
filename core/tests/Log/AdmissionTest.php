<?php

use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\Kinds;
use Moltrek\Core\Refusal\Refusal;

/** Four cylinders apart, one bore read, a rag in the cases, a nut owed. */
function ostrelOnTheBench(): Before
{
    return Before::of(worked(demoSheet('ostrel-608'), [
        ['reading_taken', ['spot' => 'piston.1', 'reading' => '66.170 mm']],
        ['ledger_in', ['what' => 'rag', 'slab' => 'case']],
        ['debt_owed', ['what' => 'rotor nut', 'reason' => 'no holder']],
    ]));
}

it('lets in what belongs', function (string $kind, array $payload) {
    expect(ostrelOnTheBench()->enter($kind, json_decode(json_encode((object) $payload)))::name())->toBe($kind);
})->with([
    'a reading in any unit' => ['reading_taken', ['spot' => 'piston.2', 'reading' => '2.6051 in']],
    'a reading far off: it is asked about, not refused' => ['reading_taken', ['spot' => 'piston.2', 'reading' => '6.617 mm', 'kept' => true]],
    'leaves' => ['reading_taken', ['spot' => 'ring_gap.1.top', 'reading' => ['passes' => '0.20 mm', 'refuses' => '0.25 mm']]],
    'a gauge' => ['reading_taken', ['spot' => 'bore.3.along.35', 'reading' => ['setting' => '66.2 mm', 'deviation' => '+0.006 mm']]],
    'a strip that was not crushed' => ['reading_taken', ['spot' => 'main_oil_clearance.1', 'reading' => ['at_least' => '0.05 mm']]],
    'a yes or no with a note' => ['reading_taken', ['spot' => 'rod_play.1', 'reading' => ['answer' => 'no play', 'note' => 'tilts a little']]],
    'an act on a ring' => ['act_done', ['act' => 'ring filed', 'cylinder' => '1', 'ring' => 'top']],
    'an act on the whole engine' => ['act_done', ['act' => 'rotor off']],
    'a decision' => ['bore_decided', ['cylinder' => '2', 'decision' => 'replate', 'reason' => 'plating through']],
    'pairs' => ['pistons_paired', ['pairs' => ['1' => '2', '2' => '1', '3' => '3', '4' => '4']]],
    'gaps' => ['gaps_placed', ['cylinder' => '1', 'school' => 'thirds', 'angles' => ['top' => '30 deg', 'second' => '150 deg']]],
    'a lift' => ['slab_lifted', ['slab' => 'head']],
    'a part ordered' => ['part_ordered', ['part' => 'Base gasket', 'promised' => '2026-12-01', 'for' => ['base-gasket']]],
    'a wait that somebody begins' => ['wait_started', ['what' => 'plates soaking', 'time' => '20 min', 'step' => 'on.head']],
    'a part arrived, with a note' => ['part_arrived', ['part' => 'Base gasket', 'note' => '0.5 thick, as the old one']],
    'a part that came wrong' => ['part_wrong', ['part' => 'Base gasket', 'reason' => 'oil way missing']],
    'a part from the shelf' => ['part_taken', ['part' => 'Oil filter']],
    'a part that goes back' => ['part_reused', ['part' => 'Cover gasket', 'reason' => 'soft and whole']],
    'a bucket back where it was' => ['part_back', ['part' => 'bucket.1in1', 'place' => '1in1']],
    'a bucket elsewhere, with a reason' => ['part_back', ['part' => 'bucket.1in1', 'place' => '1in2', 'reason' => 'old one pitted, this from a scrap head']],
    'a mark' => ['mark_read', ['place' => 'piston.1', 'mark' => 'A']],
    'a slab on for now' => ['slab_provisional', ['slab' => 'cover', 'reason' => 'to see its pointer']],
    'a note with a photograph' => ['note_written', ['text' => 'As found.', 'photo' => '01900000-0000-7000-8000-000000000001']],
    'what was put in comes out' => ['ledger_out', ['what' => 'rag']],
    'what was owed is paid' => ['debt_paid', ['what' => 'rotor nut']],
    'a school' => ['school_chosen', ['matter' => 'worked', 'school' => 'in the frame', 'reason' => 'a day saved']],
    'an open end' => ['open_end', ['text' => 'One substitute bolt.']],
    'a source' => ['source_chosen', ['limit' => 'piston_clearance', 'range' => 'engine maker', 'reason' => 'as last time']],
]);

it('keeps out what does not belong, by field', function (string $kind, array $payload, string $field) {
    expect(fn () => ostrelOnTheBench()->enter($kind, json_decode(json_encode((object) $payload))))->toThrow(function (Refusal $refusal) use ($field): void {
        expect($refusal->field)->toBe($field);
    });
})->with([
    'a condition that is none' => ['job_opened', ['condition' => 'in boxes'], 'condition'],
    'a leaf that refuses below the one that passes' => ['reading_taken', ['spot' => 'ring_gap.1.top', 'reading' => ['passes' => '0.25 mm', 'refuses' => '0.20 mm']], 'reading.passes'],
    'a leaf reading without a leaf' => ['reading_taken', ['spot' => 'ring_gap.1.top', 'reading' => (object) []], 'reading.passes'],
    'pressure in millimetres' => ['reading_taken', ['spot' => 'cranking_compression.1', 'reading' => '5 mm'], 'reading'],
    'a piston of nothing' => ['reading_taken', ['spot' => 'piston.1', 'reading' => '0 mm'], 'reading'],
    'an answer that is none' => ['reading_taken', ['spot' => 'rod_play.1', 'reading' => ['answer' => 'maybe']], 'reading.answer'],
    'an act nobody knows' => ['act_done', ['act' => 'polished'], 'act'],
    'an act on no cylinder' => ['act_done', ['act' => 'bore honed'], 'cylinder'],
    'an act on a cylinder too many' => ['act_done', ['act' => 'bore honed', 'cylinder' => '5'], 'cylinder'],
    'a shim under no valve' => ['act_done', ['act' => 'shim changed', 'valve' => '9in9'], 'valve'],
    'filing a ring the piston has not' => ['act_done', ['act' => 'ring filed', 'cylinder' => '1', 'ring' => 'third'], 'ring'],
    'a decision that is none' => ['bore_decided', ['cylinder' => '1', 'decision' => 'paint'], 'decision'],
    'a pair for a bore too many' => ['pistons_paired', ['pairs' => ['5' => '1']], 'pairs.5'],
    'a gap without a unit' => ['gaps_placed', ['cylinder' => '1', 'school' => 'thirds', 'angles' => ['top' => '30']], 'angles.top'],
    'a school of gaps nobody keeps' => ['gaps_placed', ['cylinder' => '1', 'school' => 'sixths', 'angles' => ['top' => '30 deg']], 'school'],
    'a day that is none' => ['part_ordered', ['part' => 'Base gasket', 'promised' => 'Monday'], 'promised'],
    'a part of no name' => ['part_arrived', ['part' => ''], 'part'],
    'a photograph that is none' => ['part_arrived', ['part' => 'Base gasket', 'photo' => '../../secret'], 'photo'],
    'wrong without a reason' => ['part_wrong', ['part' => 'Base gasket'], 'reason'],
    'a circlip that goes back' => ['part_reused', ['part' => 'Circlips, cylinder 1', 'reason' => 'looks good'], 'part'],
    'a crushed gasket that goes back' => ['part_reused', ['part' => 'Base gasket', 'reason' => 'hardly crushed'], 'part'],
    'a cover gasket that goes back unseen' => ['part_reused', ['part' => 'Cover gasket'], 'reason'],
    'a part without a place of its own' => ['part_back', ['part' => 'tank', 'place' => '1in1'], 'part'],
    'a bucket where no valve is' => ['part_back', ['part' => 'bucket.1in1', 'place' => '9in9'], 'place'],
    'a bucket elsewhere without a reason' => ['part_back', ['part' => 'bucket.1in1', 'place' => '1in2'], 'place'],
    'a wait of no length' => ['wait_started', ['what' => 'plates', 'time' => '0 min'], 'time'],
    'a wait in millimetres' => ['wait_started', ['what' => 'plates', 'time' => '5 mm'], 'time'],
    'a wait of a season' => ['wait_started', ['what' => 'plates', 'time' => '2000 h'], 'time'],
    'a wait for a step of another engine' => ['wait_started', ['what' => 'plates', 'time' => '5 min', 'step' => 'paint'], 'step'],
    'a slab of another engine on for now' => ['slab_provisional', ['slab' => 'roof', 'reason' => 'x'], 'slab'],
    'on for now for no reason' => ['slab_provisional', ['slab' => 'cover'], 'reason'],
    'a matter nobody differs on' => ['school_chosen', ['matter' => 'colour', 'school' => 'red'], 'matter'],
    'owed for no reason' => ['debt_owed', ['what' => 'nut'], 'reason'],
    'paid, but never owed' => ['debt_paid', ['what' => 'head bolts'], 'what'],
    'an empty open end' => ['open_end', ['text' => ' '], 'text'],
    'a machine with a rag in it' => ['handed_over', [], ''],
    'a step that is a hold of two' => ['step_done', ['step' => 'hold.start'], 'step'],
    'a source of a limit the sheet has not' => ['source_chosen', ['limit' => 'skirt', 'range' => 'shop', 'reason' => 'x'], 'limit'],
]);

it('says why a step has to wait, where that is a matter of access', function () {
    $admission = Before::of(worked(demoSheet('harbick-421'), upTo(demoSheet('harbick-421'), 'order.parts')));
    expect(fn () => $admission->enter('step_done', (object) ['step' => 'on.barrel']))->toThrow(function (Refusal $refusal): void {
        expect($refusal->getMessage())->toContain('First: ');
    });
    $sheet = demoSheet('ostrel-608');
    $withoutBolts = array_filter(upTo($sheet, 'hold.head'), fn (array $act): bool => ($act[1]['step'] ?? '') !== 'rear-bolts');
    $late = Before::of(worked($sheet, [['school_chosen', ['matter' => 'worked', 'school' => 'in the frame']], ...$withoutBolts]));
    expect(fn () => $late->enter('step_done', (object) ['step' => 'on.head']))->toThrow(function (Refusal $refusal): void {
        expect($refusal->getMessage())->toContain('Goes into the part before the part goes in: the frame tube runs over holes h8 and h9');
    });
});

it('reads every payload that the tests of the screens send', function (string $kind, object $payload) {
    expect(Kinds::read((string) Kinds::named($kind), $payload)::name())->toBe($kind);
})->with(function (): iterable {
    foreach (json_decode((string) file_get_contents(__DIR__.'/../fixtures/sent-payloads.json')) as $sent) {
        yield $sent->kind.' '.json_encode($sent->payload) => [$sent->kind, $sent->payload];
    }
});
