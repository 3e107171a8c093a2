<?php

use App\Models\Job;

it('shows each demo verdict at least once', function () {
    $states = [];
    foreach (Job::query()->pluck('number') as $number) {
        foreach ($this->actingAs($this->person())->getJson("/api/jobs/$number")->assertOk()->json('measuring.assessments') as $assessment) {
            $states[] = $assessment['verdict']['state'] ?? 'not measured';
        }
    }
    expect(array_values(array_unique($states)))->toEqualCanonicalizing(['within', 'worn', 'out', 'unsure', 'unknown', 'not measured']);
});

it('names the one next thing', function (int $number, string $kind, ?string $id) {
    $this->actingAs($this->person())->getJson("/api/jobs/$number")->assertJsonPath('planning.next.kind', $kind)->assertJsonPath('planning.next.id', $id);
})->with([
    'half measured' => [214, 'spot', 'bore.1.across.30'],
    'just in: the plugs out, for the before is read through their holes' => [217, 'step', 'off.plug.left'],
    'waits for its rings' => [209, 'wait', null],
]);

it('puts what can be worked first on the floor', function () {
    $jobs = $this->actingAs($this->person())->getJson('/api/floor')->assertOk()->json('jobs');
    $workable = array_column(array_column($jobs, 'next'), 'canBeWorked');
    $sorted = $workable;
    rsort($sorted);
    expect($workable)->toBe($sorted)->and(array_column($jobs, 'number'))->toContain(214, 217, 209);
});

it('makes a floor summary again when the log has grown', function () {
    $next = fn (): string => collect($this->actingAs($this->person())->getJson('/api/floor')->json('jobs'))->firstWhere('number', 209)['next']['kind'];
    expect($next())->toBe('wait');
    $this->enter(209, $this->entry('part_arrived', ['part' => 'Ring set']))->assertJsonPath('results.0.state', 'stored');
    expect($next())->not->toBe('wait');
});

it('says what a reading would mean before it is entered', function () {
    $this->actingAs($this->person())->postJson('/api/jobs/214/preview', ['spot' => 'ring_gap.1.top', 'reading' => ['passes' => '0.22 mm', 'refuses' => '0.25 mm'], 'tool' => 'f1'])
        ->assertOk()->assertJsonPath('assessments.0.verdict.state', 'within')->assertJsonPath('refusal', null);
    expect(collect($this->getJson('/api/jobs/214')->json('measuring.assessments'))->firstWhere('id', 'ring_gap.1.top')['verdict']['state'])->toBe('unsure');
});

it('asks once about a figure that is far off, and refuses what is no figure', function () {
    $preview = fn (mixed $reading) => $this->actingAs($this->person())->postJson('/api/jobs/214/preview', ['spot' => 'piston.1', 'reading' => $reading]);
    expect($preview('5.495 mm')->json('question'))->toContain('5.495 mm')->toContain('Are the unit and the decimal point right');
    expect($preview('54.95 mm')->json('question'))->toBeNull();
    expect($preview('54.95')->json('refusal.field'))->toBe('reading');
});

it('judges by the source that somebody chose, and says why', function () {
    $answer = $this->enter(214, $this->entry('source_chosen', ['limit' => 'piston_clearance', 'range' => 'engine maker', 'service' => 'engine maker', 'reason' => 'the piston is theirs']));
    $clearance = collect($answer->json('job.measuring.assessments'))->firstWhere('id', 'piston_clearance.1');
    expect($clearance['choiceReason'])->toBe('the piston is theirs')->and($clearance['ruler']['marks'][0]['source'])->toBe('engine maker');
});

it('keeps the record in a documented form', function (int $number) {
    $record = $this->actingAs($this->person())->get("/api/jobs/$number/record.json")->assertOk()->assertHeader('Content-Disposition', sprintf('attachment; filename="moltrek-job-%d.json"', $number));
    $validator = new Opis\JsonSchema\Validator;
    $result = $validator->validate(json_decode($record->getContent()), file_get_contents(base_path('docs/schemas/record.schema.json')));
    expect($result->isValid())->toBeTrue((string) json_encode($result->error() ? (new Opis\JsonSchema\Errors\ErrorFormatter)->format($result->error()) : null));
})->with([214, 217, 209, 221, 203, 224, 219, 226]);

it('keeps struck lines on the record and leaves them out of the readings', function () {
    $record = $this->actingAs($this->person())->getJson('/api/jobs/214/record')->json();
    $struck = array_values(array_filter($record['log'], fn (array $line): bool => $line['struck'] !== null));
    expect($struck)->toHaveCount(1)->and($struck[0]['text'])->toContain('0.25 mm passes')->and($struck[0]['struck'])->toBe(['by' => 'TW', 'reason' => 'leaf was forced']);
    expect(array_column($record['readings'], 'as_typed', 'place')['ring_gap.1.top'])->toBe('0.20 mm passes, 0.25 mm refuses');
    expect($record['caution'])->toContain('service manual');
});

it('writes readings as CSV with their units', function () {
    $lines = array_map(fn (string $line): array => str_getcsv($line, escape: ''), explode("\n", trim($this->actingAs($this->person())->get('/api/jobs/214/record.csv')->assertOk()->getContent())));
    expect($lines[0])->toBe(['place', 'as typed', 'value', 'unit', 'lower bound', 'upper bound', 'tool', 'by', 'at']);
    $rows = array_column($lines, null, 0);
    // 2.1660 − 0.0004 in = 2.1656 in = 55.00624 mm
    expect($rows['Bore, 12 mm down, across the pin'][2])->toBe('55.00624')->and($rows['Bore, 12 mm down, across the pin'][3])->toBe('mm');
    expect(array_slice($rows['Top ring end gap'], 4, 2))->toBe(['0.2', '0.25']);
});

it('does not let a note become a formula in a spreadsheet', function () {
    $this->enter(214, $this->entry('reading_taken', ['spot' => 'bore.1.along.30', 'reading' => ['setting' => '2.1660 in', 'deviation' => '-0.0003 in'], 'tool' => 'b1', 'set_with' => 'm2']));
    expect($this->get('/api/jobs/214/record.csv')->getContent())->toContain("'-0.0003 in from 2.1660 in");
});
