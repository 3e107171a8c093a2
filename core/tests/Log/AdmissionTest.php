<?php

use Moltrek\Core\Log\Admission;
use Moltrek\Core\Log\EntryKind;
use Moltrek\Core\Refusal\Refusal;

/** Four cylinders apart, one bore read, a rag in the cases, a nut owed. */
function ostrelOnTheBench(): Admission
{
    return new Admission(worked(demoSheet('ostrel-608'), [
        [EntryKind::ReadingTaken, ['spot' => 'piston.1', 'reading' => '66.170 mm']],
        [EntryKind::LedgerIn, ['what' => 'rag', 'slab' => 'case']],
        [EntryKind::DebtOwed, ['what' => 'rotor nut', 'reason' => 'no holder']],
    ]));
}

it('lets in what belongs', function (EntryKind $kind, array $payload) {
    ostrelOnTheBench()->check($kind, json_decode(json_encode((object) $payload)));
    expect(true)->toBeTrue();
})->with([
    'a reading in any unit' => [EntryKind::ReadingTaken, ['spot' => 'piston.2', 'reading' => '2.6051 in']],
    'a reading far off: it is asked about, not refused' => [EntryKind::ReadingTaken, ['spot' => 'piston.2', 'reading' => '6.617 mm', 'kept' => true]],
    'leaves' => [EntryKind::ReadingTaken, ['spot' => 'ring_gap.1.top', 'reading' => ['passes' => '0.20 mm', 'refuses' => '0.25 mm']]],
    'a gauge' => [EntryKind::ReadingTaken, ['spot' => 'bore.3.along.35', 'reading' => ['setting' => '66.2 mm', 'deviation' => '+0.006 mm']]],
    'a strip that was not crushed' => [EntryKind::ReadingTaken, ['spot' => 'main_oil_clearance.1', 'reading' => ['at_least' => '0.05 mm']]],
    'a yes or no with a note' => [EntryKind::ReadingTaken, ['spot' => 'rod_play.1', 'reading' => ['answer' => 'no play', 'note' => 'tilts a little']]],
    'an act on a ring' => [EntryKind::ActDone, ['act' => 'ring filed', 'cylinder' => '1', 'ring' => 'top']],
    'an act on the whole engine' => [EntryKind::ActDone, ['act' => 'rotor off']],
    'a decision' => [EntryKind::BoreDecided, ['cylinder' => '2', 'decision' => 'replate', 'reason' => 'plating through']],
    'pairs' => [EntryKind::PistonsPaired, ['pairs' => ['1' => '2', '2' => '1', '3' => '3', '4' => '4']]],
    'gaps' => [EntryKind::GapsPlaced, ['cylinder' => '1', 'school' => 'thirds', 'angles' => ['top' => '30 deg', 'second' => '150 deg']]],
    'a lift' => [EntryKind::SlabLifted, ['slab' => 'head']],
    'a part ordered' => [EntryKind::PartOrdered, ['part' => 'Base gasket', 'promised' => '2026-12-01', 'for' => ['base-gasket']]],
    'a wait that somebody begins' => [EntryKind::WaitStarted, ['what' => 'plates soaking', 'time' => '20 min', 'step' => 'head-on']],
    'a part arrived, with a note' => [EntryKind::PartArrived, ['part' => 'Base gasket', 'note' => '0.5 thick, as the old one']],
    'a part that came wrong' => [EntryKind::PartWrong, ['part' => 'Base gasket', 'reason' => 'oil way missing']],
    'a part from the shelf' => [EntryKind::PartTaken, ['part' => 'Oil filter']],
    'a part that goes back' => [EntryKind::PartReused, ['part' => 'Cover gasket', 'reason' => 'soft and whole']],
    'a bucket back where it was' => [EntryKind::PartBack, ['part' => 'bucket.1in1', 'place' => '1in1']],
    'a bucket elsewhere, with a reason' => [EntryKind::PartBack, ['part' => 'bucket.1in1', 'place' => '1in2', 'reason' => 'old one pitted, this from a scrap head']],
    'a mark' => [EntryKind::MarkRead, ['place' => 'piston.1', 'mark' => 'A']],
    'a slab on for now' => [EntryKind::SlabProvisional, ['slab' => 'cover', 'reason' => 'to see its pointer']],
    'a note with a photograph' => [EntryKind::NoteWritten, ['text' => 'As found.', 'photo' => '01900000-0000-7000-8000-000000000001']],
    'what was put in comes out' => [EntryKind::LedgerOut, ['what' => 'rag']],
    'what was owed is paid' => [EntryKind::DebtPaid, ['what' => 'rotor nut']],
    'a school' => [EntryKind::SchoolChosen, ['matter' => 'worked', 'school' => 'in the frame', 'reason' => 'a day saved']],
    'an open end' => [EntryKind::OpenEnd, ['text' => 'One substitute bolt.']],
    'a source' => [EntryKind::SourceChosen, ['limit' => 'piston_clearance', 'range' => 'engine maker', 'reason' => 'as last time']],
]);

it('keeps out what does not belong, by field', function (EntryKind $kind, array $payload, string $field) {
    expect(fn () => ostrelOnTheBench()->check($kind, json_decode(json_encode((object) $payload))))->toThrow(function (Refusal $refusal) use ($field): void {
        expect($refusal->field)->toBe($field);
    });
})->with([
    'a condition that is none' => [EntryKind::JobOpened, ['condition' => 'in boxes'], 'condition'],
    'a leaf that refuses below the one that passes' => [EntryKind::ReadingTaken, ['spot' => 'ring_gap.1.top', 'reading' => ['passes' => '0.25 mm', 'refuses' => '0.20 mm']], 'reading.passes'],
    'a leaf reading without a leaf' => [EntryKind::ReadingTaken, ['spot' => 'ring_gap.1.top', 'reading' => (object) []], 'reading.passes'],
    'pressure in millimetres' => [EntryKind::ReadingTaken, ['spot' => 'cranking_compression.1', 'reading' => '5 mm'], 'reading'],
    'a piston of nothing' => [EntryKind::ReadingTaken, ['spot' => 'piston.1', 'reading' => '0 mm'], 'reading'],
    'an answer that is none' => [EntryKind::ReadingTaken, ['spot' => 'rod_play.1', 'reading' => ['answer' => 'maybe']], 'reading.answer'],
    'an act nobody knows' => [EntryKind::ActDone, ['act' => 'polished'], 'act'],
    'an act on no cylinder' => [EntryKind::ActDone, ['act' => 'bore honed'], 'cylinder'],
    'an act on a cylinder too many' => [EntryKind::ActDone, ['act' => 'bore honed', 'cylinder' => '5'], 'cylinder'],
    'a shim under no valve' => [EntryKind::ActDone, ['act' => 'shim changed', 'valve' => '9in9'], 'valve'],
    'filing a ring the piston has not' => [EntryKind::ActDone, ['act' => 'ring filed', 'cylinder' => '1', 'ring' => 'third'], 'ring'],
    'a decision that is none' => [EntryKind::BoreDecided, ['cylinder' => '1', 'decision' => 'paint'], 'decision'],
    'a pair for a bore too many' => [EntryKind::PistonsPaired, ['pairs' => ['5' => '1']], 'pairs.5'],
    'a gap without a unit' => [EntryKind::GapsPlaced, ['cylinder' => '1', 'school' => 'thirds', 'angles' => ['top' => '30']], 'angles.top'],
    'a school of gaps nobody keeps' => [EntryKind::GapsPlaced, ['cylinder' => '1', 'school' => 'sixths', 'angles' => ['top' => '30 deg']], 'school'],
    'a day that is none' => [EntryKind::PartOrdered, ['part' => 'Base gasket', 'promised' => 'Monday'], 'promised'],
    'a part of no name' => [EntryKind::PartArrived, ['part' => ''], 'part'],
    'a photograph that is none' => [EntryKind::PartArrived, ['part' => 'Base gasket', 'photo' => '../../secret'], 'photo'],
    'wrong without a reason' => [EntryKind::PartWrong, ['part' => 'Base gasket'], 'reason'],
    'a circlip that goes back' => [EntryKind::PartReused, ['part' => 'Circlips, cylinder 1', 'reason' => 'looks good'], 'part'],
    'a crushed gasket that goes back' => [EntryKind::PartReused, ['part' => 'Base gasket', 'reason' => 'hardly crushed'], 'part'],
    'a cover gasket that goes back unseen' => [EntryKind::PartReused, ['part' => 'Cover gasket'], 'reason'],
    'a part without a place of its own' => [EntryKind::PartBack, ['part' => 'tank', 'place' => '1in1'], 'part'],
    'a bucket where no valve is' => [EntryKind::PartBack, ['part' => 'bucket.1in1', 'place' => '9in9'], 'place'],
    'a bucket elsewhere without a reason' => [EntryKind::PartBack, ['part' => 'bucket.1in1', 'place' => '1in2'], 'place'],
    'a wait of no length' => [EntryKind::WaitStarted, ['what' => 'plates', 'time' => '0 min'], 'time'],
    'a wait in millimetres' => [EntryKind::WaitStarted, ['what' => 'plates', 'time' => '5 mm'], 'time'],
    'a wait of a season' => [EntryKind::WaitStarted, ['what' => 'plates', 'time' => '2000 h'], 'time'],
    'a wait for a step of another engine' => [EntryKind::WaitStarted, ['what' => 'plates', 'time' => '5 min', 'step' => 'paint'], 'step'],
    'a slab of another engine on for now' => [EntryKind::SlabProvisional, ['slab' => 'roof', 'reason' => 'x'], 'slab'],
    'on for now for no reason' => [EntryKind::SlabProvisional, ['slab' => 'cover'], 'reason'],
    'a matter nobody differs on' => [EntryKind::SchoolChosen, ['matter' => 'colour', 'school' => 'red'], 'matter'],
    'owed for no reason' => [EntryKind::DebtOwed, ['what' => 'nut'], 'reason'],
    'paid, but never owed' => [EntryKind::DebtPaid, ['what' => 'head bolts'], 'what'],
    'an empty open end' => [EntryKind::OpenEnd, ['text' => ' '], 'text'],
    'a machine with a rag in it' => [EntryKind::HandedOver, [], ''],
    'a step that is a hold of two' => [EntryKind::StepDone, ['step' => 'hold.start'], 'step'],
    'a source of a limit the sheet has not' => [EntryKind::SourceChosen, ['limit' => 'squish', 'range' => 'shop', 'reason' => 'x'], 'limit'],
]);

it('says why a step has to wait, where that is a matter of access', function () {
    $admission = new Admission(worked(demoSheet('harbick-421'), upTo(demoSheet('harbick-421'), 'order')));
    expect(fn () => $admission->check(EntryKind::StepDone, (object) ['step' => 'barrel-down']))->toThrow(function (Refusal $refusal): void {
        expect($refusal->getMessage())->toContain('First: ');
    });
    $sheet = demoSheet('ostrel-608');
    $all = upTo($sheet, 'head-gasket');
    $late = new Admission(worked($sheet, [...array_filter($all, fn (array $act): bool => $act[1]['step'] !== 'deck'), [EntryKind::SchoolChosen, ['matter' => 'worked', 'school' => 'in the frame']]]));
    expect(fn () => $late->check(EntryKind::StepDone, (object) ['step' => 'head-on']))->toThrow(function (Refusal $refusal): void {
        expect($refusal->getMessage())->toContain('Cannot be reached after: the deck is read on the bare barrel.');
    });
});
