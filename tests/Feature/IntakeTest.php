<?php

use Illuminate\Support\Facades\DB;

/** @param  array<string, mixed>  $more */
function slipOf(array $more = []): array
{
    return $more + ['sheet' => 'skarn-594', 'owner' => 'Ferry slip', 'condition' => 'whole', 'complaint' => 'Smokes from one side.'];
}

it('takes a machine in under the next number, with the first entry of its log', function () {
    $job = $this->actingAs($this->person('isla'))->postJson('/api/jobs', slipOf(['promised' => '2026-12-04']))->assertCreated()->json();
    expect($job['number'])->toBe(232)
        ->and($job['closing'])->toMatchArray(['owner' => 'Ferry slip', 'complaint' => 'Smokes from one side.'])
        ->and($job['closing']['promise']['day'])->toBe('2026-12-04')
        ->and($job['planning']['next'])->toMatchArray(['kind' => 'step', 'id' => 'off.plug.left'])
        ->and($job['log']['slip'][0]['text'])->toBe('Job opened, engine whole: Smokes from one side.')
        ->and($job['log']['slip'][0]['by'])->toBe('IC');
    expect(collect($this->getJson('/api/floor')->json('jobs'))->pluck('number'))->toContain(232);
    $this->postJson('/api/jobs', slipOf())->assertJsonPath('number', 233);
});

it('takes one in whose top end is apart, and asks nothing that can no longer be read', function () {
    $job = $this->actingAs($this->person())->postJson('/api/jobs', slipOf(['condition' => 'apart', 'complaint' => null]))->assertCreated()->json();
    expect(collect($job['planning']['steps'])->firstWhere('id', 'off.head')['state'])->toBe('done')
        ->and(collect($job['stack']['slabs'])->firstWhere('id', 'barrel')['state'])->toBe('off');
});

it('begins with the newest version of its sheet', function () {
    $this->actingAs($this->person())->postJson('/api/sheets/skarn-594/findings', ['text' => 'Seal behind the rotor leaks first.', 'from' => 'job 217'])->assertOk();
    $job = $this->postJson('/api/jobs', slipOf())->json();
    expect($job['engine']['sheetVersion'])->toBe(2)->and($job['engine']['findings'])->toBe([['text' => 'Seal behind the rotor leaks first.', 'from' => 'job 217']]);
});

it('refuses an intake that is not whole, and opens nothing', function (array $change, string $field) {
    $before = DB::table('jobs')->count();
    $this->actingAs($this->person())->postJson('/api/jobs', array_filter($change + slipOf(), fn (mixed $value): bool => $value !== null))->assertStatus(422)
        ->assertHeader('Content-Type', 'application/problem+json')->assertJsonPath('field', $field);
    expect(DB::table('jobs')->count())->toBe($before);
})->with([
    'no engine' => [['sheet' => null], 'sheet'],
    'an engine nobody knows' => [['sheet' => 'steam-1'], 'sheet'],
    'nobody’s' => [['owner' => ' '], 'owner'],
    'an owner of a page' => [['owner' => str_repeat('x', 121)], 'owner'],
    'neither whole nor apart' => [['condition' => 'wet'], 'condition'],
    'a day that is none' => [['promised' => 'soon'], 'promised'],
    'a day no month has' => [['promised' => '2026-13-45'], 'promised'],
    'a key too many' => [['colour' => 'red'], 'colour'],
]);

it('leaves the floor with the hand-over, and comes back with its strike-out', function () {
    $floor = fn () => collect($this->getJson('/api/floor')->json('jobs'))->pluck('number')->all();
    $entry = $this->entry('handed_over', ['note' => 'run in gently']);
    $this->enter(226, $entry)->assertJsonPath('results.0.state', 'stored')->assertJsonPath('job.closing.handedOver', '2026-11-24T11:30:00.000Z');
    expect($floor())->not->toContain(226)->and(collect($this->getJson('/api/dates')->json('jobs'))->pluck('number'))->not->toContain(226);
    $this->getJson('/api/jobs/226/record')->assertOk();
    $this->enter(226, $this->entry('entry_struck', ['entry' => $entry['id'], 'reason' => 'wrong job'], at: '2026-11-24T11:40:00Z'));
    expect($floor())->toContain(226);
});

it('hands nothing over that has something left in it, or owed', function (array $before, string $why) {
    $this->enter(226, $this->entry(...$before));
    $answer = $this->enter(226, $this->entry('handed_over', (object) [], at: '2026-11-24T11:45:00Z'))->assertJsonPath('results.0.state', 'refused');
    expect($answer->json('results.0.refusal.message'))->toContain($why)->and($this->getJson('/api/jobs/226')->json('closing.handedOver'))->toBeNull();
})->with([
    'a rag' => [['ledger_in', ['what' => 'rag', 'slab' => 'case']], 'Rag is still in'],
    'something dropped' => [['ledger_in', ['what' => 'collet', 'slab' => 'case', 'dropped' => true]], 'Collet was dropped'],
    'a nut' => [['debt_owed', ['what' => 'rotor nut', 'reason' => 'no holder']], 'Rotor nut is owed'],
]);

it('finds the earlier jobs of the same machine', function () {
    expect($this->actingAs($this->person())->getJson('/api/jobs/224')->json('closing.earlier'))->toBe([187])
        ->and($this->getJson('/api/jobs/187')->json('closing.earlier'))->toBe([])
        ->and($this->getJson('/api/jobs/214')->json('closing.earlier'))->toBe([]);
    $record = $this->getJson('/api/jobs/187/record')->assertOk()->json();
    expect($record['hand_over'])->toBe(['Pushrod tube seals fitted under protest: look at them after five hundred miles.'])
        ->and(collect($record['readings'])->firstWhere('place', 'cranking_compression.3')['as_typed'])->toBe('118 psi');
});

it('leads from a complaint to its suspects', function () {
    $symptoms = collect($this->actingAs($this->person())->getJson('/api/jobs/224')->json('closing.symptoms'));
    expect($symptoms[0])->toMatchArray(['symptom' => 'oil at a pushrod tube', 'isSpokenOf' => true])->and($symptoms->where('isSpokenOf', false)->count())->toBeGreaterThan(3);
});

it('keeps a finding as a new version of the sheet, and leaves running jobs alone', function () {
    $this->actingAs($this->person())->postJson('/api/sheets/ulvane-139r/findings', ['text' => 'Reed petals chip at the corner.', 'from' => 'job 214'])->assertOk()->assertJsonPath('version', 2);
    $job = $this->getJson('/api/jobs/214')->json();
    expect([$job['engine']['sheetVersion'], $job['engine']['newerSheet'], $job['engine']['findings']])->toBe([1, 2, []]);
    $this->enter(214, $this->entry('sheet_adopted', ['version' => 2, 'from' => 1]))->assertJsonPath('results.0.state', 'stored');
    expect($this->getJson('/api/jobs/214')->json('engine.findings.0.text'))->toBe('Reed petals chip at the corner.');
    $this->postJson('/api/sheets/ulvane-139r/findings', ['text' => 'Second.', 'from' => 'job 214'])->assertJsonPath('version', 3);
});

it('refuses a finding that says nothing, and one for no sheet', function (string $slug, array $body, int $status) {
    $this->actingAs($this->person())->postJson("/api/sheets/$slug/findings", $body)->assertStatus($status)->assertHeader('Content-Type', 'application/problem+json');
})->with([
    ['ulvane-139r', ['text' => '', 'from' => 'job 214'], 422], ['ulvane-139r', ['text' => 'x'], 422],
    ['ulvane-139r', ['text' => str_repeat('x', 301), 'from' => 'job 214'], 422], ['steam-1', ['text' => 'x', 'from' => 'y'], 404],
]);

it('begins a job with the habits of the shop, which the owner makes', function () {
    $school = fn (int $job): array => collect($this->getJson("/api/jobs/$job")->json('planning.schools'))->firstWhere('matter', 'wash');
    $this->actingAs($this->person('isla'))->postJson('/api/habits', ['wash' => 'solvent, then oil-wipe'])->assertOk()->assertExactJson(['wash' => 'solvent, then oil-wipe']);
    $new = $this->postJson('/api/jobs', slipOf())->json('number');
    expect($school($new))->toMatchArray(['chosen' => 'solvent, then oil-wipe', 'whose' => 'shop'])
        ->and($school(217))->toMatchArray(['chosen' => 'soap and water', 'whose' => 'usual']);
    expect(collect($this->getJson('/api/jobs/221')->json('planning.schools'))->firstWhere('matter', 'squish_with'))->toMatchArray(['chosen' => 'clay', 'whose' => 'sheet']);
});

it('lets only the owner make a habit, and only one that exists', function (string $who, array $habit, int $status) {
    $this->actingAs($this->person($who))->postJson('/api/habits', $habit)->assertStatus($status)->assertHeader('Content-Type', 'application/problem+json');
    expect(DB::table('habits')->count())->toBe(0);
})->with([
    'the apprentice' => ['petra', ['wash' => 'soap and water'], 403], 'the mechanic' => ['tomas', ['wash' => 'soap and water'], 403],
    'a matter that is none' => ['isla', ['colour' => 'red'], 422], 'a school that is none' => ['isla', ['wash' => 'rain'], 422],
]);

it('says on the record by whose school it was done', function () {
    $this->actingAs($this->person('isla'))->postJson('/api/habits', ['wash' => 'solvent, then oil-wipe']);
    $new = $this->postJson('/api/jobs', slipOf())->json('number');
    expect($this->getJson("/api/jobs/$new/record")->json('decisions'))->toBe(['Wash after honing: solvent, then oil-wipe, the shop’s habit']);
    $decided = $this->getJson('/api/jobs/221/record')->json('decisions');
    expect($decided)->toContain('Squish measured with: clay, as the sheet has it')->toContain('Piston, cylinder 1: marked A');
});

it('takes a machine in once, however often it is sent', function () {
    $slip = ['id' => '01900000-0000-7000-8000-00000000abcd', 'sheet' => 'ulvane-139r', 'owner' => 'Moor Rescue', 'condition' => 'whole'];
    $first = $this->actingAs($this->person())->postJson('/api/jobs', $slip)->assertCreated()->json('number');
    expect($this->postJson('/api/jobs', $slip)->json('number'))->toBe($first);
    $this->postJson('/api/jobs', ['id' => 'one'] + $slip)->assertStatus(422)->assertJsonPath('field', 'id');
});

it('stands on the floor by the day it is promised for, the unpromised last, and what waits behind what can be worked', function () {
    $this->actingAs($this->person('isla'));
    $in = fn (?string $day): int => $this->postJson('/api/jobs', slipOf($day === null ? [] : ['promised' => $day]))->assertCreated()->json('number');
    [$late, $none, $soon, $middle] = [$in('2031-03-09'), $in(null), $in('2031-01-02'), $in('2031-02-11')];
    $floor = array_column($this->getJson('/api/floor')->assertOk()->json('jobs'), 'number');
    expect(array_values(array_intersect($floor, [$late, $none, $soon, $middle])))->toBe([$soon, $middle, $late, $none]);
    $workable = array_column(array_column($this->getJson('/api/floor')->json('jobs'), 'next'), 'canBeWorked');
    expect($workable)->toBe([...array_filter($workable), ...array_filter($workable, fn (bool $can): bool => ! $can)]);
});
