<?php

use App\Models\Sheet;

/** What is answered of a machine that nobody has a sheet for. */
function answersOf(array $other = []): array
{
    return $other + ['make' => 'Tarnwick', 'model' => '250 Scree', 'kind' => 'trail bike', 'cycle' => 'two-stroke', 'cylinders' => 1, 'form' => 'single', 'cooling' => 'liquid',
        'exhaust_valve' => true, 'lining' => 'plated', 'bore' => '66.4 mm', 'stroke' => '72 mm'];
}

it('draws an engine while somebody answers, and keeps nothing', function () {
    $drawn = $this->actingAs($this->person('petra'))->postJson('/api/sheets/first/preview', answersOf())->assertOk()->json();
    // 6.64²·π/4·7.2 = 249.3 cm³
    expect($drawn)->toMatchArray(['id' => 'tarnwick-250-scree', 'description' => 'trail bike, two-stroke single', 'known' => false])->and($drawn['facts'])->toContain('249.3 cm³')
        ->and(array_column($drawn['slabs'], 'drawnAs'))->toBe(['case', 'base gasket', 'barrel', 'head gasket', 'head'])->and(Sheet::newest('tarnwick-250-scree'))->toBeNull();
    $this->postJson('/api/sheets/first/preview', ['bore' => '66'] + answersOf())->assertUnprocessable()->assertJsonPath('field', 'geometry.bore');
    $this->postJson('/api/sheets/first/preview', ['cylinders' => 2] + answersOf())->assertUnprocessable()->assertJsonPath('field', 'form');
});

it('keeps it in the spec book, opens a job on it, and reads the first bore of it', function () {
    $this->actingAs($this->person())->postJson('/api/sheets/first', answersOf())->assertCreated()->assertJsonPath('slug', 'tarnwick-250-scree');
    $this->postJson('/api/sheets/first', answersOf())->assertUnprocessable()->assertJsonPath('field', 'model');
    $job = $this->postJson('/api/jobs', ['sheet' => 'tarnwick-250-scree', 'owner' => 'M. Tarrow', 'condition' => 'apart'])->assertCreated()->json();
    expect($job['engine']['description'])->toBe('trail bike, two-stroke single')->and($job['planning']['next']['canBeWorked'])->toBeTrue();
    $this->enter($job['number'], $this->entry('reading_taken', ['spot' => 'piston.1', 'reading' => '66.34 mm', 'tool' => 'm2']))->assertJsonPath('results.0.state', 'stored');
});

it('leaves the spec book to those whose it is', function () {
    $this->actingAs($this->person('petra'))->postJson('/api/sheets/first', answersOf())->assertForbidden();
});

it('says how valves are set on each gear, the usual way first', function () {
    $this->actingAs($this->person())->getJson('/api/sheets/first/choices')->assertOk()->assertJsonPath('side', ['ground stem', 'screw'])->assertJsonPath('twin cam.0', 'shim under bucket')->assertJsonMissingPath('none');
});
