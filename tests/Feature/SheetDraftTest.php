<?php

/** A demo sheet, changed. */
function changedSheet(callable $change): array
{
    $sheet = json_decode(file_get_contents(database_path('sheets/harbick-421.json')), true);
    $change($sheet);

    return $sheet;
}

it('reports what a sheet contradicts and still draws the rest', function () {
    $sheet = changedSheet(function (array &$sheet): void {
        [$sheet['fasteners'][5]['x'], $sheet['waits'][0]['after']] = ['abc', 'on.moon'];
    });
    $draft = $this->actingAs($this->person())->postJson('/api/sheets/draft', ['document' => json_encode($sheet)])->assertOk()->json();
    expect(array_column($draft['refusals'], 'field'))->toBe(['fasteners.5.x', 'waits.0.after'])->and($draft['refusals'][0]['read'])->toBe('abc')
        ->and($draft['drawn']['title'])->toBe('Harbick 421 Yard')->and($draft['gaps'][0]['angles'])->not->toBe([])->and(array_column($draft['lifts'], 'side'))->toBe(['inlet', 'exhaust']);
});

it('shows the order of work with what a change puts in and takes out', function () {
    $sheet = changedSheet(function (array &$sheet): void {
        $sheet['plan']['add'] = [['id' => 'oil-cooler', 'slab' => 'head', 'name' => 'Oil cooler lines off', 'why' => 'They run across the head.', 'before' => ['off.head'], 'kind' => 'take off']];
        $sheet['plan']['drop'] = ['read.cam'];
    });
    $draft = $this->actingAs($this->person())->postJson('/api/sheets/draft', ['document' => json_encode($sheet)])->assertOk()->json();
    $top = collect($draft['errands'])->firstWhere('name', 'top end');
    expect($draft['refusals'])->toBe([])->and(collect($top['steps'])->where('isNew', true)->pluck('id')->all())->toBe(['oil-cooler'])
        ->and(array_column($top['gone'], 'id'))->toBe(['read.cam'])->and(collect($top['steps'])->firstWhere('id', 'on.cover')['waits'])->toBe(['Sealant skinning at the half-moon plug'])
        ->and(collect($draft['differences'])->pluck('where')->join('|'))->toContain('plan · drop');
});

it('understands a figure as a manual prints it', function (array $sent, string $understood, array $stated) {
    $this->actingAs($this->person())->postJson('/api/sheets/printed', $sent)->assertOk()->assertExactJson(['understood' => $understood, 'stated' => $stated]);
})->with([
    'a range and its service limit' => [['text' => '0.05–0.08 mm (0.0020–0.0031 in), limit 0.12', 'quantity' => 'piston_clearance'], '0.05 mm to 0.08 mm, worn up to 0.12 mm', ['min' => '0.05 mm', 'max' => '0.08 mm', 'service_max' => '0.12 mm']],
    'a torque with its tolerance' => [['text' => '24 ± 2 N·m', 'dimensions' => ['torque', 'angle']], '22 N·m to 26 N·m', ['min' => '22 N·m', 'max' => '26 N·m']],
    'an angle where a torque is likelier' => [['text' => '85 to 95 deg', 'dimensions' => ['torque', 'angle']], '85 deg to 95 deg', ['min' => '85 deg', 'max' => '95 deg']],
    'one figure' => [['text' => '19 deg', 'dimensions' => ['length', 'angle']], '19 deg', ['nominal' => '19 deg']],
    'foot-pounds' => [['text' => '25 to 29 ft-lb', 'dimensions' => ['torque']], '25 ft-lb to 29 ft-lb', ['min' => '25 ft-lb', 'max' => '29 ft-lb']],
    'a rule of the bore' => [['text' => '0.004 in per inch of bore', 'quantity' => 'ring_gap'], 'at least 0.004 in for every 1 in of bore', ['rule' => ['min' => '0.004 in', 'per' => '1 in']]],
]);

it('says what it does not understand, and of a document that is none', function () {
    $this->actingAs($this->person())->postJson('/api/sheets/printed', ['text' => 'tight', 'dimensions' => ['torque']])->assertStatus(422)->assertJsonPath('field', 'text');
    $this->postJson('/api/sheets/draft', ['document' => '{'])->assertStatus(422)->assertJsonPath('field', 'document');
});

it('keeps no change over one that somebody else has kept meanwhile', function () {
    $sheet = changedSheet(function (array &$sheet): void {
        $sheet['limits'][0]['plus'] = '0.016 mm';
    });
    $this->actingAs($this->person())->postJson('/api/sheets', ['document' => json_encode($sheet), 'base' => 1])->assertOk()->assertJsonPath('version', 2);
    $sheet['limits'][0]['plus'] = '0.017 mm';
    $this->postJson('/api/sheets', ['document' => json_encode($sheet), 'base' => 1])->assertStatus(422)->assertJsonPath('field', 'base')->assertJsonPath('allowed', 'version 2');
    $this->postJson('/api/sheets', ['document' => json_encode($sheet), 'base' => 2])->assertOk()->assertJsonPath('version', 3);
});
