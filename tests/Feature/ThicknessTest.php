<?php

use App\Models\Shelf;

/** @param  array<string, mixed>  $tried */
function thickness(mixed $test, int $job, string $cylinder, array $tried = ['joints' => []]): mixed
{
    return $test->actingAs($test->person())->postJson("/api/jobs/$job/thickness/$cylinder", $tried);
}

it('gives a cylinder’s stack, what lands, and what each choice costs', function () {
    $stack = thickness($this, 230, '1')->assertOk()->json();
    expect($stack['joints'][0])->toMatchArray(['slab' => 'base-gasket', 'below' => true, 'laidThickness' => 0.5, 'toBeChanged' => false])->and($stack['canDecide'])->toBeTrue();
    $below = $stack['choices'][0];
    expect($below)->toMatchArray(['by' => 'squish', 'wanted' => 0.22])->and(array_column($below['choices'], 'named'))->toBe(['Base gasket 0.25', 'Base gasket 0.30'])
        ->and($below['choices'][0])->toMatchArray(['missing' => [], 'days' => null, 'fitsAll' => true])
        ->and($below['choices'][1])->toMatchArray(['missing' => ['Base gasket 0.30'], 'days' => 3]);
    $squish = collect($stack['figures'])->firstWhere('key', 'squish');
    expect($squish['verdict'])->toMatchArray(['state' => 'out', 'side' => 'high'])->and($squish['ruler']['whiskers'])->toHaveCount(2)->and($stack['liftFirst'])->toBeNull();
});

it('tries other pieces and stores nothing', function () {
    $joints = [['slab' => 'base-gasket', 'pieces' => [['name' => 'Base gasket 0.25', 'thickness' => '0.25 mm']]]];
    $stack = thickness($this, 230, '1', ['joints' => $joints, 'target' => 13.0])->assertOk()->json();
    $squish = collect($stack['figures'])->firstWhere('key', 'squish');
    expect($squish['before'])->toEqualWithDelta(1.38, 1e-9)->and($squish['after'])->toEqualWithDelta(1.13, 1e-9)->and($squish['verdict']['state'])->toBe('within')
        ->and($stack['liftFirst'])->toBe('barrel')->and($stack['chamber']['needed']['target'])->toEqual(13)
        ->and($stack['wall'][18]['after'] - $stack['wall'][18]['before'])->toEqualWithDelta(-0.25, 1e-9);
    expect(collect(thickness($this, 230, '1')->json('figures'))->firstWhere('key', 'squish')['after'])->toEqualWithDelta(1.38, 1e-9);
});

/** @param  list<string>  $names */
function gaskets(array $names): array
{
    return ['joints' => [['slab' => 'base-gasket', 'pieces' => array_map(fn (string $name): array => ['name' => $name, 'thickness' => '0.25 mm'], $names)]], 'supplies' => true];
}

it('puts a decision on the parts list, and takes what lies on the shelf, as it was said before', function () {
    $joints = [['slab' => 'base-gasket', 'pieces' => [['name' => 'Base gasket 0.25', 'thickness' => '0.25 mm']]]];
    expect(array_column(thickness($this, 230, '1', ['joints' => $joints])->json('supply'), 'words'))->toBe(['Base gasket 0.25 from the shelf']);
    $this->enter(230, $this->entry('thickness_decided', gaskets(['Base gasket 0.25'])), $this->entry('slab_lifted', ['slab' => 'barrel']))->assertJsonPath('results.0.state', 'stored');
    $job = $this->actingAs($this->person())->getJson('/api/jobs/230')->json();
    expect(collect($job['parts']['planned'])->firstWhere('part', 'Base gasket 0.25'))->toMatchArray(['state' => 'arrived', 'why' => 'from the shelf'])
        ->and(Shelf::counts('ulvane-139r')['Base gasket 0.25'])->toBe(1)->and(collect($job['stack']['slabs'])->firstWhere('id', 'barrel')['state'])->toBe('off')
        ->and(thickness($this, 230, '1')->json('joints.0'))->toMatchArray(['decidedBy' => 'TW']);
    expect($this->getJson('/api/jobs/230/record')->json('decisions'))->toContain('Thickness: Base gasket 0.25; Base gasket 0.25 from the shelf');
});

it('gets nothing twice where two tablets decide on one picture, and gives all back with the strike-out', function () {
    $first = $this->entry('thickness_decided', gaskets(['Base gasket 0.25']));
    $this->enter(230, $first)->assertJsonPath('results.0.state', 'stored');
    $this->enter(230, $this->entry('thickness_decided', gaskets(['Base gasket 0.25'])))->assertJsonPath('results.0.state', 'stored');
    expect(Shelf::counts('ulvane-139r')['Base gasket 0.25'])->toBe(1);
    $this->enter(230, $this->entry('entry_struck', ['entry' => $first['id'], 'reason' => 'another']))->assertJsonPath('results.0.state', 'stored');
    expect(Shelf::counts('ulvane-139r')['Base gasket 0.25'])->toBe(2);
});

it('orders what the shelf has not, for the day that its maker states, once', function () {
    $this->travelTo('2026-11-24 09:00:00');
    Shelf::put('Base gasket 0.40', 'ulvane-139r', 0);
    $order = $this->entry('thickness_decided', gaskets(['Base gasket 0.40']));
    $again = $this->entry('thickness_decided', gaskets(['Base gasket 0.40']));
    $this->enter(230, $order, $again)->assertJsonPath('results.1.state', 'stored');
    $planned = fn () => collect($this->actingAs($this->person())->getJson('/api/jobs/230')->json('parts.planned'))->firstWhere('part', 'Base gasket 0.40');
    // Tuesday and three days
    expect($planned())->toMatchArray(['state' => 'ordered', 'promised' => '2026-11-27']);
    $this->enter(230, ...array_map(fn (array $entry): array => $this->entry('entry_struck', ['entry' => $entry['id'], 'reason' => 'another']), [$again, $order]));
    expect($planned())->toBeNull();
});

it('gets nothing for a decision that asks for nothing', function () {
    $this->enter(230, $this->entry('thickness_decided', ['supplies' => false] + gaskets(['Base gasket 0.25'])))->assertJsonPath('results.0.state', 'stored');
    expect(Shelf::counts('ulvane-139r')['Base gasket 0.25'])->toBe(2);
});

it('believes no tablet where a piece comes from', function () {
    $forged = ['supplies' => [['part' => 'Base gasket 0.25', 'for' => 'base-gasket', 'from' => 'order']]] + gaskets(['Base gasket 0.25']);
    $this->enter(230, $this->entry('thickness_decided', $forged))->assertJsonPath('results.0.state', 'stored');
    expect(Shelf::counts('ulvane-139r')['Base gasket 0.25'])->toBe(1);
});

it('reads a bridge that rocks, and draws it', function () {
    $this->enter(231, $this->entry('reading_taken', ['spot' => 'deck.left', 'reading' => ['front' => ['lifts' => true], 'rear' => '0.10 mm'], 'tool' => 'd1']))->assertJsonPath('results.0.state', 'stored');
    $deck = collect($this->actingAs($this->person())->getJson('/api/jobs/231')->assertOk()->json('measuring.assessments'))->firstWhere('id', 'deck.left');
    expect($deck['figure'])->toBe('proud to 0.100')->and($deck['verdict'])->toMatchArray(['state' => 'out', 'side' => 'low', 'words' => 'Out, too high'])
        ->and($deck['ruler']['whiskers'][0]['low'])->toEqual($deck['ruler']['from']);
    expect(collect(thickness($this, 231, 'left')->assertOk()->json('figures'))->firstWhere('key', 'deck')['words'])->toBe('under 0.00');
});

it('takes the points of a crown from a file', function () {
    $csv = "place,front,rear,pin left,pin right,tool\nsquish.right,1.31 mm,\"not crushed, 1.50 mm\",\"1.20 mm passes, 1.30 mm refuses\",,m4\ndeck.right,rocks,0.05 mm passes,,,f1\n";
    $rows = $this->actingAs($this->person())->postJson('/api/jobs/231/import', ['csv' => $csv])->assertOk()->json('rows');
    expect(array_column($rows, 'error'))->toBe([null, null])->and(array_column($rows, 'reading'))->toBe([
        'front 1.31 mm; rear not crushed, 1.50 mm; pin left 1.20 mm passes, 1.30 mm refuses', 'front the bridge rocks; rear 0.05 mm passes',
    ]);
});

it('refuses what cannot be tried', function (string $cylinder, array $body, int $status, ?string $field) {
    thickness($this, 230, $cylinder, $body)->assertStatus($status)->assertJsonPath('field', $field);
})->with([
    'no such joint' => ['1', ['joints' => [['slab' => 'barrel', 'pieces' => []]]], 422, 'joints'],
    'a thickness without its unit' => ['1', ['joints' => [['slab' => 'base-gasket', 'pieces' => [['name' => 'x', 'thickness' => '0.25']]]]], 422, 'joints.0.pieces.0.thickness'],
    'a ratio of one' => ['1', ['joints' => [], 'target' => 1], 422, 'target'],
    'no joints at all' => ['1', ['target' => 12], 422, 'joints'],
]);

it('has no cylinder that the engine has not', function () {
    thickness($this, 230, '7')->assertNotFound();
});
