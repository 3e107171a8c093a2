<?php

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

it('stores a reading with the tool as it was that day', function () {
    $this->enter(214, $this->entry('reading_taken', ['spot' => 'bore.1.across.30', 'reading' => ['setting' => '2.1660 in', 'deviation' => '-0.0004 in'], 'tool' => 'b1', 'set_with' => 'm2']))
        ->assertOk()->assertJsonPath('results.0.state', 'stored');
    DB::table('instruments')->where('id', 'b1')->update(['doubt' => '0.009 mm']);
    $payload = json_decode(DB::table('log_entries')->where('job_id', $this->job(214)->id)->orderByDesc('seq')->value('payload'));
    expect($payload->tool->doubt)->toBe('0.003 mm')->and($payload->reading->deviation)->toBe('-0.0004 in');
});

it('takes the same entry once, however often it is sent', function () {
    $entry = $this->entry('note_written', ['text' => 'Port edges chamfered.']);
    $count = fn (): int => DB::table('log_entries')->count();
    $before = $count();
    $this->enter(214, $entry, $entry)->assertJsonPath('results.*.state', ['stored', 'already']);
    $this->enter(214, $entry)->assertJsonPath('results.0.state', 'already');
    expect($count())->toBe($before + 1);
});

it('refuses one entry of a batch and keeps the others', function () {
    $this->enter(214,
        $this->entry('reading_taken', ['spot' => 'bore.1.across.30', 'reading' => '55.006 mm', 'tool' => 'b1']),
        $this->entry('reading_taken', ['spot' => 'bore.1.along.30', 'reading' => '55.006', 'tool' => 'b1']),
        $this->entry('note_written', ['text' => 'Warm in here.']),
    )->assertOk()->assertJsonPath('results.*.state', ['stored', 'refused', 'stored'])
        ->assertJsonPath('results.1.refusal.field', 'payload.reading')->assertJsonPath('results.1.refusal.read', '55.006');
});

it('names what is wrong with an entry', function (array $entry, string $field) {
    $this->enter(214, $entry + $this->entry('note_written', ['text' => 'x']))->assertJsonPath('results.0.state', 'refused')->assertJsonPath('results.0.refusal.field', $field);
})->with([
    'an id that is none' => [['id' => 'one'], 'id'],
    'a kind that does not exist' => [['kind' => 'engine_painted'], 'kind'],
    'no instant' => [['happened_at' => 'this morning'], 'happened_at'],
    'a tool nobody has' => [['kind' => 'reading_taken', 'payload' => ['spot' => 'piston.1', 'reading' => '54.95 mm', 'tool' => 'z9']], 'payload.tool'],
    'a step too early' => [['kind' => 'step_done', 'payload' => ['step' => 'on.barrel']], 'payload.step'],
]);

it('does not take an id that another job has', function () {
    $id = Uuid::uuid7()->toString();
    $this->enter(214, $this->entry('note_written', ['text' => 'here'], $id))->assertJsonPath('results.0.state', 'stored');
    $this->enter(217, $this->entry('note_written', ['text' => 'there'], $id))->assertJsonPath('results.0.refusal.field', 'id');
});

it('sets a tablet’s clock right by the offset seen when it sends', function () {
    $this->actingAs($this->person())->postJson('/api/jobs/214/entries', [
        'client_now' => '2026-11-24T13:00:00Z',
        'entries' => [$this->entry('note_written', ['text' => 'An hour fast.'], at: '2026-11-24T12:50:00Z')],
    ])->assertJsonPath('results.0.state', 'stored');
    // sent when the tablet said 13:00 and the server 12:00: what it calls 12:50 was 11:50
    expect(DB::table('log_entries')->orderByDesc('seq')->value('happened_at'))->toStartWith('2026-11-24 11:50:00');
});

it('refuses a change of the log in the database itself', function (string $statement) {
    expect(fn () => DB::transaction(fn () => DB::statement($statement)))->toThrow(QueryException::class, 'append-only');
})->with(["update log_entries set kind = 'note_written'", 'delete from log_entries', 'truncate log_entries cascade']);

it('refuses a batch that is none', function (mixed $body, string $field) {
    $this->actingAs($this->person())->postJson('/api/jobs/214/entries', $body)->assertStatus(422)->assertJsonPath('field', $field);
})->with([[['entries' => 'all'], 'entries'], [['client_now' => null], 'entries'], [['entries' => ['x']], 'entries.0'], [['entries' => [], 'extra' => 1], 'extra']]);

it('gives the job after the batch, so that the bench sees it at once', function () {
    $this->enter(214, $this->entry('reading_taken', ['spot' => 'ring_gap.1.second', 'reading' => ['passes' => '0.25 mm', 'refuses' => '0.30 mm'], 'tool' => 'f1']))
        ->assertJsonPath('job.number', 214)->assertJsonFragment(['name' => 'Second ring end gap', 'figure' => '0.25 mm passes, 0.30 mm refuses']);
});
