<?php

use App\Models\Sheet;

/** A job on an engine of which nothing but its build is known. */
function unknownEngine(mixed $test): int
{
    $test->actingAs($test->person())->postJson('/api/sheets/first', ['make' => 'Tarnwick', 'model' => '250', 'kind' => 'trail bike', 'cycle' => 'two-stroke', 'cylinders' => 1, 'form' => 'single',
        'cooling' => 'air', 'lining' => 'iron', 'bore' => '66.4 mm', 'stroke' => '72 mm'])->assertCreated();

    return $test->postJson('/api/jobs', ['sheet' => 'tarnwick-250', 'owner' => 'M. Tarrow', 'condition' => 'apart'])->assertCreated()->json('number');
}

it('takes a limit where a reading lacks one: shown as understood, kept on the sheet, and the job goes by it at once', function () {
    $number = unknownEngine($this);
    $gap = ['spot' => 'ring_gap.1.top', 'reading' => ['passes' => '0.25 mm', 'refuses' => '0.30 mm'], 'tool' => 'f1'];
    $this->enter($number, $this->entry('reading_taken', $gap, at: now('UTC')->format('Y-m-d\TH:i:s\Z')))->assertJsonPath('results.0.state', 'stored');
    $verdict = fn (array $job): ?string => collect($job['measuring']['assessments'])->firstWhere('id', 'ring_gap.1.top')['verdict']['state'] ?? null;
    expect($verdict($this->getJson("/api/jobs/$number")->json()))->toBe('unknown');

    $asked = ['scope' => 'ring_gap.top', 'text' => '0.20–0.35 mm (0.008–0.014 in), limit 0.75'];
    $this->postJson("/api/jobs/$number/limits/preview", $asked)->assertOk()->assertExactJson(['understood' => '0.20 mm to 0.35 mm, worn up to 0.75 mm']);
    $job = $this->postJson("/api/jobs/$number/limits", $asked + ['source' => 'ring maker'])->assertOk()->json();
    expect($verdict($job))->toBe('within')->and($job['engine']['sheetVersion'])->toBe(2)->and(Sheet::newest('tarnwick-250')->engine()->limits->stated[0]->source->value)->toBe('ring maker');
});

it('refuses a limit that cannot be read, of nothing that is judged, or from a hand that may not', function () {
    $number = unknownEngine($this);
    $this->postJson("/api/jobs/$number/limits/preview", ['scope' => 'ring_gap.top', 'text' => 'tight'])->assertUnprocessable()->assertJsonPath('field', 'text');
    $this->postJson("/api/jobs/$number/limits/preview", ['scope' => 'paint', 'text' => '0.2 mm max'])->assertUnprocessable()->assertJsonPath('field', 'scope');
    $this->postJson("/api/jobs/$number/limits", ['scope' => 'ring_gap.top', 'text' => '0.2–0.3 mm', 'source' => 'a friend'])->assertUnprocessable()->assertJsonPath('field', 'source');
    $this->actingAs($this->person('petra'))->postJson("/api/jobs/$number/limits", ['scope' => 'ring_gap.top', 'text' => '0.2–0.3 mm', 'source' => 'shop'])->assertForbidden();
});

it('takes the rod that the sheet lacks, once, with who says so, and the job goes by it at once', function () {
    $number = unknownEngine($this);
    $this->postJson("/api/jobs/$number/rod", ['rod' => '20 mm', 'source' => 'a rule'])->assertUnprocessable()->assertJsonPath('field', 'rod');
    $this->postJson("/api/jobs/$number/rod", ['rod' => '130 mm', 'source' => ''])->assertUnprocessable()->assertJsonPath('field', 'source');
    $this->postJson("/api/jobs/$number/rod", ['rod' => '130 mm', 'source' => 'service manual, page 12'])->assertOk()->assertJsonPath('engine.sheetVersion', 2);
    $this->getJson("/api/jobs/$number/timing")->assertOk()->assertJsonPath('rod', 130);
    $sheet = collect($this->getJson('/api/sheets')->json())->firstWhere('slug', 'tarnwick-250');
    expect(collect($sheet['timing'])->firstWhere('title', 'Rod')['lines'])->toBe(['130 mm between centres, service manual, page 12']);
    $this->postJson("/api/jobs/$number/rod", ['rod' => '131 mm', 'source' => 'a rule'])->assertUnprocessable()->assertJsonPath('field', 'rod');
});
