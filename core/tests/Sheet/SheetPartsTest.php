<?php

use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\Consequences;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\SlabKind;

/** @param  list<array<string, mixed>>  $changes */
function substituted(array $changes): EngineSheet
{
    return demoSheet('harbick-421', fn (stdClass $sheet) => $sheet->substitutions = json_decode(json_encode($changes)));
}

it('counts with what other parts bring', function (array $changes, float $displacement, ?string $gasket) {
    $sheet = substituted($changes);
    expect($sheet->displacement())->toEqualWithDelta($displacement, 0.05)->and($sheet->geometry->gasketOpening?->short())->toBe($gasket);
})->with([
    'nothing changed: π/4 · 8.6² · 7.25' => [[], 421.1, '87.8 mm'],
    'a larger bore: π/4 · 8.8² · 7.25' => [[['replaces' => 'barrel', 'by' => 'kit', 'source' => 'piston maker', 'bore' => '88 mm', 'confirmed' => []]], 441.0, '87.8 mm'],
    'a longer stroke: π/4 · 8.6² · 7.55' => [[['replaces' => 'crank', 'by' => 'stroker', 'source' => 'shop', 'stroke' => '75.5 mm', 'confirmed' => []]], 438.6, '87.8 mm'],
    'both and a gasket: π/4 · 8.8² · 7.55' => [[['replaces' => 'barrel', 'by' => 'kit', 'source' => 'piston maker', 'bore' => '88 mm', 'confirmed' => []], ['replaces' => 'crank', 'by' => 'stroker', 'source' => 'shop', 'stroke' => '75.5 mm', 'confirmed' => []], ['replaces' => 'gasket', 'by' => 'wide', 'source' => 'gasket maker', 'gasket_opening' => '88.8 mm', 'confirmed' => []]], 459.2, '88.8 mm'],
    'the last of two barrels stands' => [[['replaces' => 'barrel', 'by' => 'first', 'source' => 'shop', 'bore' => '87.8 mm', 'confirmed' => []], ['replaces' => 'barrel', 'by' => 'second', 'source' => 'shop', 'bore' => '88 mm', 'confirmed' => []]], 441.0, '87.8 mm'],
]);

it('says what each changes, what is wrong with it, and what somebody has seen to', function (array $change, array $found) {
    $consequences = array_map(fn (array $each): array => [$each['text'], $each['wrong'], $each['confirmed']], Consequences::of(substituted([$change + ['replaces' => 'barrel', 'by' => 'kit', 'source' => 'piston maker', 'confirmed' => []]])));
    expect($consequences)->toBe($found);
})->with([
    'a bore that its gasket does not clear' => [['bore' => '87.6 mm'], [
        ['Displacement is now 437.0 cm³; compression and fuel change with it.', false, false],
        ['The head gasket opens 87.8 mm over a bore of 87.6 mm: too small, it would stand in the bore.', true, false],
    ]],
    'one that clears it by more than half a millimetre' => [['bore' => '86.5 mm', 'confirmed' => ['gasket']], [
        ['Displacement is now 426.0 cm³; compression and fuel change with it.', false, false],
        ['The head gasket opens 87.8 mm over a bore of 86.5 mm: it clears.', false, true],
    ]],
    'a limit that now comes from another maker' => [['limits' => [['quantity' => 'piston_clearance', 'source' => 'piston maker', 'min' => '0.06 mm']], 'confirmed' => ['limits']], [
        ['The piston maker now rules piston clearance.', false, true],
    ]],
    'nothing that would change anything' => [[], []],
]);

it('lets a limit that was brought stand in place of the same source’s, and of no other', function () {
    $limits = substituted([['replaces' => 'piston', 'by' => 'forged', 'source' => 'piston maker', 'confirmed' => [], 'limits' => [['quantity' => 'piston_clearance', 'source' => 'piston maker', 'min' => '0.09 mm']]]])->limitsFor('piston_clearance');
    $before = demoSheet('harbick-421')->limitsFor('piston_clearance');
    expect($limits[0]->source->value)->toBe('piston maker')->and($limits[0]->limit->min)->toBe(90_000)
        ->and(array_values(array_filter($limits, fn ($limit): bool => $limit->source->value === 'engine maker')))->toEqual(array_values(array_filter($before, fn ($limit): bool => $limit->source->value === 'engine maker')));
});

it('refuses a part of a sheet by its path', function (callable $spoil, string $field, string $engine = 'ostrel-608') {
    expect(function () use ($spoil, $engine): void {
        Plan::of(demoSheet($engine, $spoil));
    })->toThrow(function (Refusal $refusal) use ($field): void {
        expect($refusal->field)->toBe($field);
    });
})->with([
    'a ring of no kind' => [fn (stdClass $sheet) => $sheet->piston->rings[0]->kind = 'round', 'piston.rings.0.kind'],
    'a piston of paper' => [fn (stdClass $sheet) => $sheet->piston->type = 'paper', 'piston.type'],
    'a lining of gold' => [fn (stdClass $sheet) => $sheet->barrel->lining = 'gold', 'barrel.lining'],
    'a gauge depth without a unit' => [fn (stdClass $sheet) => $sheet->barrel->gauge_depths = ['10'], 'barrel.gauge_depths.0'],
    'a valve twice' => [fn (stdClass $sheet) => $sheet->valve_train->valves[1]->id = '1in1', 'valve_train.valves'],
    'valves without a gear' => [fn (stdClass $sheet) => $sheet->valve_train->gear = 'none', 'valve_train.valves'],
    'a side that is neither' => [fn (stdClass $sheet) => $sheet->valve_train->valves[0]->side = 'middle', 'valve_train.valves.0.side'],
    'a fastener twice' => [fn (stdClass $sheet) => $sheet->fasteners[1]->id = $sheet->fasteners[0]->id, 'fasteners'],
    'a fastener without a thread' => [fn (stdClass $sheet) => $sheet->fasteners[0]->thread = null, 'fasteners.0.thread'],
    'a fastener that is turned upwards' => [fn (stdClass $sheet) => $sheet->fasteners[0]->hand = 'up', 'fasteners.0.hand'],
    'a slab drawn as a bird' => [fn (stdClass $sheet) => $sheet->slabs[2]->drawn_as = 'bird', 'slabs.2.drawn_as'],
    'a limit of nothing that is measured' => [fn (stdClass $sheet) => $sheet->limits[0]->quantity = 'weight', 'limits.0.quantity'],
    'a limit by a stranger' => [fn (stdClass $sheet) => $sheet->limits[0]->source = 'a friend', 'limits.0.source'],
    'a wait of no length' => [fn (stdClass $sheet) => $sheet->waits = [(object) ['id' => 'w', 'name' => 'w', 'time' => '0 min', 'after' => 'turned']], 'waits.0.time'],
    'a grade without an end' => [fn (stdClass $sheet) => $sheet->grades[0]->max = null, 'grades.0.max'],
    'a shell table without an offset' => [fn (stdClass $sheet) => $sheet->shells->main_offset = null, 'shells.main_offset'],
    'a symptom without a test' => [fn (stdClass $sheet) => $sheet->symptoms = [(object) ['symptom' => 'a', 'suspect' => 'b']], 'symptoms.0.test'],
    'a finding from nowhere' => [fn (stdClass $sheet) => $sheet->findings = [(object) ['text' => 'a']], 'findings.0.from'],
    'a step of its own on no slab' => [fn (stdClass $sheet) => $sheet->plan = json_decode('{"add":[{"id":"x","slab":"roof","name":"n","why":"w"}]}'), 'plan.add.0.slab'],
    'a step dropped that is not there' => [fn (stdClass $sheet) => $sheet->plan = json_decode('{"drop":["paint"]}'), 'plan.drop.0'],
    'a need of a step that is not there' => [fn (stdClass $sheet) => $sheet->plan = json_decode('{"after":{"paint":["turned"]}}'), 'plan.after.paint'],
    'a need that is not there' => [fn (stdClass $sheet) => $sheet->plan = json_decode('{"after":{"turn.barrel":["paint"]}}'), 'plan.after.turn.barrel.0'],
    'steps that wait for each other' => [fn (stdClass $sheet) => $sheet->plan = json_decode('{"after":{"clean.barrel":["turn.barrel"]}}'), 'plan'],
]);

it('knows a slab by its kind and its height', function () {
    $sheet = demoSheet('ostrel-608');
    expect($sheet->slab(SlabKind::Head)?->id)->toBe('head')->and($sheet->heightOf('case'))->toBe(0)->and($sheet->heightOf('cover'))->toBe(6)->and($sheet->heightOf('roof'))->toBeNull()
        ->and(demoSheet('ulvane-139r')->slab(SlabKind::ValveGear))->toBeNull();
});
