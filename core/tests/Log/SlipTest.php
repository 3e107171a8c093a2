<?php

use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\EntryKind;
use Moltrek\Core\Log\Slip;

/** The last of these entries, in the shop's words. */
function told(string $engine, array ...$acts): string
{
    $state = worked(demoSheet($engine), $acts);

    return (new Slip($state))->line($state->entries[count($state->entries) - 1]);
}

it('tells every kind of entry in the shop’s words', function (array $act, string $line, string $engine = 'harbick-421') {
    expect(told($engine, $act))->toBe($line);
})->with([
    'a reading' => [[EntryKind::ReadingTaken, ['spot' => 'piston.1', 'reading' => '85.952 mm', 'tool' => ['id' => 'm3', 'name' => 'micrometer M3']]], 'Piston at gauge point: 85.952 mm, micrometer M3'],
    'a hole and a shaft' => [[EntryKind::ReadingTaken, ['spot' => 'pin_in_piston.1', 'reading' => ['hole' => '20.008 mm', 'shaft' => '20.001 mm']]], 'Pin in piston: 20.008 mm hole, 20.001 mm shaft'],
    'a step' => [[EntryKind::StepDone, ['step' => 'mouths-covered']], 'Case mouths covered'],
    'an act on a ring' => [[EntryKind::ActDone, ['act' => 'ring filed', 'cylinder' => '1', 'ring' => 'top', 'note' => 'a tenth']], 'Ring filed, top ring: a tenth'],
    'an act on one of several' => [[EntryKind::ActDone, ['act' => 'bore honed', 'cylinder' => '2']], 'Bore honed, cylinder 2', 'ostrel-608'],
    'a decision' => [[EntryKind::BoreDecided, ['cylinder' => '1', 'decision' => 'rebore', 'size' => '+0.25', 'reason' => 'worn']], 'Bore: rebore to +0.25, worn'],
    'pairs' => [[EntryKind::PistonsPaired, ['pairs' => ['1' => '2', '2' => '1']]], 'Pistons to bores: 1 takes 2, 2 takes 1', 'ostrel-608'],
    'gaps' => [[EntryKind::GapsPlaced, ['cylinder' => '1', 'school' => 'thirds', 'angles' => ['top' => '30 deg']]], 'Ring gaps placed, thirds'],
    'an item of a hold' => [[EntryKind::HoldAnswered, ['hold' => 'hold.head', 'item' => 0]], 'Seen: dowels in on both sides, gasket flat on them'],
    'with a second person' => [[EntryKind::HoldAnswered, ['hold' => 'hold.head', 'item' => 0, 'second' => 'PQ']], 'Seen: dowels in on both sides, gasket flat on them, with PQ'],
    'an item waived' => [[EntryKind::HoldWaived, ['hold' => 'hold.head', 'item' => 0, 'reason' => 'this head has none']], 'Waived: dowels in on both sides, gasket flat on them, this head has none'],
    'into the ledger' => [[EntryKind::LedgerIn, ['what' => 'rag', 'slab' => 'case']], 'Put in, must come out: rag'],
    'dropped' => [[EntryKind::LedgerIn, ['what' => 'collet', 'slab' => 'case', 'dropped' => true]], 'Dropped: collet'],
    'out of it' => [[EntryKind::LedgerOut, ['what' => 'rag']], 'Out again: rag'],
    'owed' => [[EntryKind::DebtOwed, ['what' => 'rotor nut', 'reason' => 'no holder']], 'Owed its torque: rotor nut, no holder'],
    'paid' => [[EntryKind::DebtPaid, ['what' => 'rotor nut']], 'Torqued as owed: rotor nut'],
    'on for now' => [[EntryKind::SlabProvisional, ['slab' => 'cover', 'reason' => 'to see its pointer']], 'Top cover on for now: to see its pointer'],
    'a school' => [[EntryKind::SchoolChosen, ['matter' => 'base_gasket', 'school' => 'bare', 'reason' => 'faces are new']], 'Base gasket: bare, faces are new'],
    'an open end' => [[EntryKind::OpenEnd, ['text' => 'one bolt of another make']], 'Stays open: one bolt of another make'],
    'a part ordered without a day' => [[EntryKind::PartOrdered, ['part' => 'Ring set', 'for' => []]], 'Ordered: Ring set'],
    'a part arrived' => [[EntryKind::PartArrived, ['part' => 'Ring set']], 'Arrived: Ring set'],
    'a wrong part' => [[EntryKind::PartWrong, ['part' => 'Ring set', 'reason' => 'for the older bore']], 'Wrong part: Ring set, for the older bore'],
    'from the shelf' => [[EntryKind::PartTaken, ['part' => 'Oil filter']], 'From the shelf: Oil filter'],
    'an old part' => [[EntryKind::PartReused, ['part' => 'Cover gasket', 'reason' => 'soft']], 'Goes back: Cover gasket, soft'],
    'back where it was' => [[EntryKind::PartBack, ['part' => 'rocker.1in', 'place' => '1in']], 'Rocker of inlet valve: back in its place'],
    'elsewhere' => [[EntryKind::PartBack, ['part' => 'rocker.1in', 'place' => '1ex', 'reason' => 'shafts changed over']], 'Rocker of inlet valve: fitted at exhaust valve, shafts changed over'],
    'a wait that was begun' => [[EntryKind::WaitStarted, ['what' => 'Plates soaking', 'time' => '20 min']], 'Waiting: Plates soaking, 20 min'],
    'a mark' => [[EntryKind::MarkRead, ['place' => 'piston.1', 'mark' => 'A']], 'Piston, cylinder 1: marked A', 'ostrel-608'],
    'out of the shop' => [[EntryKind::HandedOver, []], 'Handed over'],
    'a reading of a place that a later sheet has not' => [[EntryKind::ReadingTaken, ['spot' => 'piston.7', 'reading' => '1 mm']], 'Reading'],
]);

it('tells an opening by how the machine came in', function (array $payload, string $line) {
    $entry = new Entry('0', EntryKind::JobOpened, (object) $payload, new DateTimeImmutable('2026-11-24T08:00:00Z'), 'IC');
    expect((new Slip(worked(demoSheet('harbick-421'), [])))->line($entry))->toBe($line);
})->with([
    [['condition' => 'whole'], 'Job opened, engine whole'],
    [['condition' => 'apart', 'complaint' => 'Blue smoke.'], 'Job opened, top end apart: Blue smoke.'],
]);

it('has words for every kind there is', function () {
    foreach (EntryKind::cases() as $kind) {
        $entry = new Entry('x', $kind, (object) [], new DateTimeImmutable('2026-11-24T08:00:00Z'), 'TW');
        expect((new Slip(worked(demoSheet('harbick-421'), [])))->line($entry))->toBeString();
        expect($kind->keys())->toBe(array_unique($kind->keys()));
    }
});
