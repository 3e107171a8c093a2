<?php

use App\Models\Sheet;

it('shows what is understood of a table, what it would change, and keeps nothing', function () {
    $answer = $this->actingAs($this->person())->postJson('/api/sheets/harbick-421/limits/preview', ['text' => "Piston clearance\t0.05–0.07 mm, limit 0.11\nColour\tblue", 'source' => 'engine maker'])->assertOk();
    expect($answer->json('rows.0.understood'))->toBe('piston clearance: 0.05 mm to 0.07 mm, worn up to 0.11 mm')->and($answer->json('rows.1.refused'))->toContain('something that is judged')
        ->and(collect($answer->json('changes'))->pluck('after')->all())->toContain('0.07 mm')->and($answer->json('refused'))->toBeNull()
        ->and(Sheet::newest('harbick-421')->version)->toBe(1);
});

it('keeps a table whole or not at all', function () {
    $keep = fn (string $text) => $this->actingAs($this->person())->postJson('/api/sheets/harbick-421/limits', ['text' => $text, 'source' => 'piston maker']);
    $keep("Piston clearance\t0.05–0.07 mm\nColour\tblue")->assertStatus(422)->assertJsonPath('field', 'text');
    expect(Sheet::newest('harbick-421')->version)->toBe(1);
    $keep("Piston clearance\t0.05–0.07 mm\nRing gap, top\t0.004 in per inch of bore")->assertOk()->assertJsonPath('version', 2);
    // the same once more changes nothing, and is no version
    $keep("Piston clearance\t0.05–0.07 mm\nRing gap, top\t0.004 in per inch of bore")->assertStatus(422);
});

it('says why a sheet could not be kept with what a table says', function () {
    $this->actingAs($this->person())->postJson('/api/sheets/harbick-421/limits/preview', ['text' => "Piston clearance\t0.09–0.07 mm", 'source' => 'engine maker'])->assertOk()
        ->assertJsonPath('refused', fn (?string $refused): bool => $refused !== null);
    $this->postJson('/api/sheets/harbick-421/limits', ['text' => "Piston clearance\t0.09–0.07 mm", 'source' => 'engine maker'])->assertStatus(422);
});

it('begins an engine like another, with everything but what was found on that one', function () {
    $said = ['make' => 'Tarnwick', 'model' => '600 Gable', 'kind' => 'road bike', 'bore' => '67.0 mm', 'stroke' => '1.740 in'];
    $this->actingAs($this->person())->postJson('/api/sheets/ostrel-608/like', $said)->assertOk()->assertJsonPath('slug', 'tarnwick-600-gable')->assertJsonPath('version', 1);
    $document = json_decode(Sheet::newest('tarnwick-600-gable')->document);
    expect($document->geometry->stroke)->toBe('1.740 in')->and($document->notes)->toContain('Begun like Ostrel 608')->and($document)->not->toHaveProperty('findings')
        ->and(count($document->limits))->toBe(count(json_decode(Sheet::newest('ostrel-608')->document)->limits));
    $this->postJson('/api/sheets/ostrel-608/like', $said)->assertStatus(422)->assertJsonPath('field', 'model');
    $wheres = collect($this->getJson('/api/sheets/tarnwick-600-gable/differences?from=ostrel-608')->assertOk()->json())->pluck('where')->all();
    expect($wheres)->toContain('geometry · bore')->toContain('make')->not->toContain('notes')->not->toContain('id');
});

it('compares with nothing that is not there', function (string $from) {
    $this->actingAs($this->person())->getJson('/api/sheets/harbick-421/differences?from='.urlencode($from))->assertStatus(422)->assertJsonPath('field', 'from');
})->with(['7', '', 'steam-1', '99999999999999999999', "1' or 1"]);
