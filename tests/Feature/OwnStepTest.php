<?php

it('puts neighbouring work into a job and keeps a step of its own on the sheet', function () {
    $this->actingAs($this->person());
    $choices = $this->getJson('/api/jobs/214/own-steps')->assertOk();
    expect($choices->json('kinds'))->toContain('hold')->not->toContain('measure');
    $reed = collect($choices->json('neighbours'))->firstWhere('name', 'reed valve');
    expect($reed['isIn'])->toBeFalse()->and($reed['steps'])->toHaveCount(3);
    foreach ($reed['steps'] as $index => $step) {
        $this->enter(214, $this->entry('step_added', $step, at: "2026-11-24T11:3$index:00Z"))->assertJsonPath('results.0.state', 'stored');
    }
    expect(collect($this->getJson('/api/jobs/214/own-steps')->json('neighbours'))->firstWhere('name', 'reed valve')['isIn'])->toBeTrue()
        ->and(collect($this->getJson('/api/jobs/214')->json('planning.steps'))->firstWhere('id', 'own-hold-reed-valve'))
        ->toMatchArray(['isOwn' => true, 'kind' => 'hold']);

    $before = $this->getJson('/api/jobs/214')->json('engine.sheetVersion');
    $kept = $this->postJson('/api/jobs/214/own-steps', ['step' => 'own-off-reed-valve'])->assertOk();
    expect($kept->json('version'))->toBe($before + 1)
        ->and($this->getJson('/api/jobs/214')->json('engine.newerSheet'))->toBe($before + 1)
        ->and(array_column($this->getJson('/api/sheets/ulvane-139r/sheet.json')->json('plan.add'), 'id'))->toContain('own-off-reed-valve');
});

it('keeps no step that nobody added', function () {
    $this->actingAs($this->person())->postJson('/api/jobs/214/own-steps', ['step' => 'on.barrel'])
        ->assertStatus(422)->assertJsonPath('field', 'step');
});

it('refuses a sheet whose own steps come round again under another errand than the whole', function () {
    $sheet = json_decode(file_get_contents(database_path('sheets/harbick-421.json')));
    $sheet->plan = (object) ['after' => (object) ['off.cover' => ['hold.start']]];
    $this->actingAs($this->person())->postJson('/api/sheets', ['document' => json_encode($sheet)])->assertStatus(422);
});
