<?php

use Eris\Generators;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Planning\StepState;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Tests\Property;

it('lets the last reading of a place stand', function () {
    $state = replayed(apart(), readingAt(1, 'piston.1', '54.90 mm'), readingAt(3, 'piston.1', '54.950 mm'));
    expect($state->readings->all()['piston.1']->text)->toBe('54.950 mm');
});

it('folds by when it happened, not by when it arrived', function () {
    $late = readingAt(1, 'piston.1', '54.90 mm');
    $state = replayed(readingAt(3, 'piston.1', '54.950 mm'), apart(), $late);
    expect($state->readings->all()['piston.1']->text)->toBe('54.950 mm');
});

it('takes a struck reading back to the one before', function () {
    $wrong = readingAt(2, 'piston.1', '54.10 mm');
    $strike = happened(3, 'entry_struck', ['entry' => $wrong->id, 'reason' => 'misread']);
    expect(replayed(apart(), readingAt(1, 'piston.1', '54.950 mm'), $wrong, $strike)->readings->all()['piston.1']->text)->toBe('54.950 mm');
    $undo = happened(4, 'entry_struck', ['entry' => $strike->id, 'reason' => 'it was right']);
    expect(replayed(apart(), $wrong, $strike, $undo)->readings->all()['piston.1']->text)->toBe('54.10 mm');
});

it('judges the clearance with the doubt of the tools and what they share', function () {
    $micrometer = ['id' => 'm2', 'name' => 'M2', 'doubt' => '0.002 mm', 'fixed' => '0.001 mm'];
    $gauge = ['id' => 'b1', 'name' => 'B1', 'doubt' => '0.003 mm'];
    $state = replayed(apart(),
        readingAt(1, 'piston.1', '54.950 mm', ['tool' => $micrometer]),
        readingAt(2, 'bore.1.across.12', ['setting' => '2.1660 in', 'deviation' => '-0.0004 in'], ['tool' => $gauge, 'set_with' => $micrometer]),
    );
    $clearance = $state->verdicts->all()['piston_clearance.1'];
    // √(3² + 2² + 2² − 2·1²) = √15 µm
    expect($clearance->doubt->nanometres)->toEqualWithDelta(sqrt(15) * 1000, 1e-6)
        ->and($clearance->figure)->toBe('0.056')
        ->and($clearance->verdict->state->value)->toBe('within');
});

it('does not count a fixed error as shared between two tools', function () {
    $tool = fn (string $id): array => ['id' => $id, 'name' => $id, 'doubt' => '0.002 mm', 'fixed' => '0.001 mm'];
    $state = replayed(apart(),
        readingAt(1, 'piston.1', '54.950 mm', ['tool' => $tool('m2')]),
        readingAt(2, 'bore.1.across.12', ['setting' => '55 mm', 'deviation' => '0.006 mm'], ['tool' => ['id' => 'b1', 'name' => 'b1', 'doubt' => '0.001 mm'], 'set_with' => $tool('m3')]),
    );
    // √(1² + 2² + 2²) = 3 µm
    expect($state->verdicts->all()['piston_clearance.1']->doubt->nanometres)->toEqualWithDelta(3000, 1e-6);
});

it('judges by the source that was chosen', function () {
    $entries = [apart(), readingAt(1, 'piston.1', '54.950 mm'), readingAt(2, 'bore.1.across.12', '55.013 mm')];
    $choice = happened(3, 'source_chosen', ['limit' => 'piston_clearance', 'range' => 'engine maker', 'reason' => 'their piston']);
    expect(replayed(...$entries)->verdicts->all()['piston_clearance.1']->verdict->state->value)->toBe('within')
        ->and(replayed(...$entries, ...[$choice])->verdicts->all()['piston_clearance.1']->verdict->state->value)->toBe('worn');
});

it('offers steps in order and no sooner', function () {
    $state = replayed(apart());
    $steps = $state->work->steps();
    expect($state->work->stateOf($steps['clean.barrel']))->toBe(StepState::Ready)
        ->and($state->work->stateOf($steps['order.parts']))->toBe(StepState::Open)
        ->and($state->work->stateOf($steps['off.head']))->toBe(StepState::Done);
    $state = replayed(apart(), happened(1, 'step_done', ['step' => 'clean.barrel']));
    expect($state->work->stateOf($steps['read.bore.1']))->toBe(StepState::Ready);
});

it('can be finished by doing what is ready, on every engine', function (string $engine) {
    $sheet = demoSheet($engine);
    $entries = [happened(0, 'job_opened', ['condition' => 'whole'])];
    $state = Build::replay($sheet, $entries);
    for ($minute = 1; $minute < 400; $minute++) {
        $next = $state->work->next();
        if ($next === []) {
            if ($state->work->waits() === []) {
                break;
            }
            $entries[] = happened($minute, 'wait_seen', ['wait' => $state->work->waits()[0]->wait->id]);
        } else {
            expect($state->work->openNeeds($state->work->steps()[$next[0]]))->toBe([]);
            $entries[] = happened($minute, 'step_done', ['step' => $next[0]]);
        }
        $state = Build::replay($sheet, $entries);
    }
    expect(array_keys(array_filter($state->work->steps(), fn ($step) => $state->work->stateOf($step) !== StepState::Done)))->toBe([])
        ->and(array_filter($sheet->stack->slabs, fn ($slab): bool => $state->slabs->of($slab)->value !== 'torqued'))->toBe([])
        ->and($state->nextMove()->kind)->toBe('none');
})->with(['ulvane-139r', 'skarn-594', 'harbick-421', 'ostrel-608', 'pellgrove-1092', 'ferrant-738', 'brindlecote-812', 'dunmoor-208sv']);

it('undoes the joining but keeps the pistons on their rods when the barrel is lifted', function () {
    $state = replayed(apart(), ...[...fitted(), happened(200, 'slab_lifted', ['slab' => 'barrel'])]);
    $steps = $state->work->steps();
    expect($state->work->stateOf($steps['on.piston.1']))->toBe(StepState::Done)
        ->and($state->work->stateOf($steps['on.barrel']))->toBe(StepState::Void)
        ->and($state->work->voidBecause($steps['pull.head']))->toBe('lifted: barrel, piston, rings')
        ->and($state->work->canBeDone($steps['work.faces']))->toBeTrue()
        ->and($state->work->canBeDone($steps['on.clip-second.1']))->toBeFalse()
        ->and($state->work->canBeDone($steps['on.barrel']))->toBeFalse()
        ->and($state->slabs->togetherUpTo()->id)->toBe('base-gasket');
});

it('says the one next thing', function (array $entries, string $kind, ?string $id) {
    $next = replayed(...$entries)->nextMove();
    expect([$next->kind, $next->id])->toBe([$kind, $id]);
})->with(function () {
    $rest = array_map(fn (Moltrek\Core\Measuring\Spot $spot): Entry => readingAt(5, $spot->id, match ($spot->form()->value) {
        'leaves' => ['passes' => ['ring_side_clearance' => '0.04 mm', 'rod_side_clearance' => '0.35 mm', 'head_flatness' => '0.01 mm'][$spot->measurable->key], 'refuses' => ['ring_side_clearance' => '0.05 mm', 'rod_side_clearance' => '0.40 mm', 'head_flatness' => '0.02 mm'][$spot->measurable->key]],
        'hole and shaft' => ['hole' => '15.008 mm', 'shaft' => '15.000 mm'],
        default => '0.01 mm',
    }), array_values(array_filter(replayed()->readings->expected(), fn ($spot): bool => ! in_array($spot->measurable->key, ['piston', 'bore', 'ring_gap', 'cranking_compression'], true))));
    $read = fn (string $gap): array => [
        ...$rest,
        readingAt(1, 'piston.1', '54.950 mm'),
        ...array_map(fn (string $place): Entry => readingAt(2, 'bore.1.'.$place, '55.007 mm'), ['across.12', 'along.12', 'across.30', 'along.30', 'across.68', 'along.68']),
        readingAt(3, 'ring_gap.1.top', ['passes' => $gap, 'refuses' => '0.25 mm']),
        readingAt(4, 'ring_gap.1.second', ['passes' => '0.25 mm', 'refuses' => '0.30 mm']),
    ];
    $ordered = happened(9, 'part_ordered', ['part' => 'Ring set', 'for' => ['ring_gap', 'on.ring']]);

    return [
        'came in whole: the plug out' => [[happened(0, 'job_opened', ['condition' => 'whole'])], 'step', 'off.plug.1'],
        'then the before is read' => [[happened(0, 'job_opened', ['condition' => 'whole']), happened(1, 'step_done', ['step' => 'off.plug.1'])], 'spot', 'cranking_compression.1'],
        'then take it down from the top' => [[happened(0, 'job_opened', ['condition' => 'whole']), happened(1, 'step_done', ['step' => 'off.plug.1']), readingAt(2, 'cranking_compression.1', '980 kPa')], 'lift', 'head'],
        'apart: clean first' => [[apart()], 'step', 'clean.barrel'],
        'begun: read on' => [[apart(), readingAt(1, 'piston.1', '54.950 mm')], 'spot', 'bore.1.across.12'],
        'read: settle what is too close' => [[apart(), ...$read('0.20 mm')], 'spot', 'ring_gap.1.top'],
        'settled: go on with the plan' => [[apart(), ...$read('0.22 mm')], 'step', 'clean.barrel'],
        'prepared: lowest ring first' => [[apart(), ...$read('0.22 mm'), ...array_slice(fitted(), 0, 14)], 'step', 'on.exhaust-valve'],
        'rings on order: everything else goes on' => [[apart(), ...array_slice($read('0.22 mm'), 0, count($rest) + 7), $ordered], 'step', 'clean.barrel'],
        'all fitted' => [[apart(), ...$read('0.22 mm'), ...fitted()], 'none', null],
    ];
});

it('gives one state for the same entries in any order of arrival', function () {
    $entries = [apart(), readingAt(1, 'piston.1', '54.950 mm'), readingAt(2, 'piston.1', '54.951 mm'), readingAt(2, 'bore.1.across.12', '55.007 mm'),
        happened(4, 'slab_lifted', ['slab' => 'head']), ...array_slice(fitted(), 0, 4), happened(300, 'entry_struck', ['entry' => sprintf('01900000-0000-7000-8000-%012d', 102), 'reason' => 'wrong box'])];
    $fingerprint = fn (BuildState $state): array => [
        array_map(fn ($reading) => $reading->text, $state->readings->all()),
        array_map(fn ($step) => $state->work->stateOf($step)->value, $state->work->steps()),
        array_map(fn ($slab) => $state->slabs->of($slab)->value, $state->sheet->stack->slabs),
    ];
    $expected = $fingerprint(replayed(...$entries));
    Property::holds(60, [Generators::tuple(...array_fill(0, count($entries), Generators::choose(0, 1000)))], function (array $keys) use ($entries, $fingerprint, $expected): void {
        array_multisort($keys, $entries);
        expect($fingerprint(replayed(...$entries)))->toBe($expected);
    });
});

it('refuses an entry that does not belong', function (string $kind, array $payload, string $field) {
    $admission = Before::of(replayed(apart(), readingAt(1, 'piston.1', '54.950 mm')));
    expect(fn () => $admission->enter($kind, json_decode(json_encode((object) $payload))))->toThrow(function (Refusal $refusal) use ($field): void {
        expect($refusal->field)->toBe($field);
    });
})->with([
    'a place of another engine' => ['reading_taken', ['spot' => 'piston.9', 'reading' => '54 mm'], 'spot'],
    'a figure without a unit' => ['reading_taken', ['spot' => 'piston.1', 'reading' => '54.95'], 'reading'],
    'a misspelt leaf' => ['reading_taken', ['spot' => 'ring_gap.1.top', 'reading' => ['pases' => '0.2 mm']], 'reading.pases'],
    'a strike without a reason' => ['entry_struck', ['entry' => '01900000-0000-7000-8000-000000000001', 'reason' => ' '], 'reason'],
    'a strike of nothing' => ['entry_struck', ['entry' => 'x', 'reason' => 'misread'], 'entry'],
    'a hold that does not exist' => ['hold_answered', ['hold' => 'on.barrel', 'item' => 0], 'hold'],
    'a hold before its turn' => ['hold_answered', ['hold' => 'hold.barrel', 'item' => 0], 'hold'],
    'a wait that does not run' => ['wait_seen', ['wait' => 'sealant'], 'wait'],
    'nothing in the ledger' => ['ledger_out', ['what' => 'rag'], 'what'],
    'nothing owed' => ['debt_paid', ['what' => 'rotor nut'], 'what'],
    'a school nobody keeps' => ['school_chosen', ['matter' => 'wash', 'school' => 'spit'], 'school'],
    'a step whose turn has not come' => ['step_done', ['step' => 'on.barrel'], 'step'],
    'a step of another engine' => ['step_done', ['step' => 'paint'], 'step'],
    'a source that does not exist' => ['source_chosen', ['limit' => 'piston_clearance', 'range' => 'a friend', 'reason' => 'x'], 'range'],
    'lifting the cases' => ['slab_lifted', ['slab' => 'case'], 'slab'],
    'an empty note' => ['note_written', ['text' => ''], 'text'],
    'an unknown key' => ['note_written', ['text' => 'a', 'colour' => 'red'], 'colour'],
    'a day that is none' => ['part_ordered', ['part' => 'Rings', 'promised' => 'soon'], 'promised'],
]);

it('tells each kind of entry in the shop’s words', function (Entry $entry, string $line) {
    $state = replayed(apart(), $entry);
    expect(($entry)->said->words($state))->toBe($line);
})->with([
    [readingAt(1, 'ring_gap.1.top', ['passes' => '0.20 mm', 'refuses' => '0.25 mm']), 'Top ring end gap: 0.20 mm passes, 0.25 mm refuses'],
    [readingAt(1, 'bore.1.across.30', ['setting' => '2.1660 in', 'deviation' => '-0.0004 in']), 'Bore, 30 mm down, across the pin: -0.0004 in from 2.1660 in = 55.0062 mm'],
    [happened(1, 'slab_lifted', ['slab' => 'head']), 'Taken off, down to and with: Head'],
    [happened(1, 'part_ordered', ['part' => 'Ring set', 'promised' => '2026-11-25']), 'Ordered: Ring set, promised for Wed 25 Nov'],
    [happened(1, 'source_chosen', ['limit' => 'piston_clearance', 'range' => 'engine maker', 'reason' => 'their piston']), 'Piston-to-cylinder clearance by the engine maker: their piston'],
    [happened(1, 'note_written', ['text' => 'Oiled.']), 'Oiled.'],
]);
