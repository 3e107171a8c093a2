<?php

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
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

/** The ids of the entries at which the chain does not hold. */
function brokenAt(): array
{
    return DB::table('broken_entries')->orderBy('seq')->pluck('id')->all();
}

it('chains every entry of a job to the one before it, however many come at once', function () {
    $before = DB::table('log_entries')->where('job_id', $this->job(214)->id)->orderByDesc('seq')->value('hash');
    $entries = array_map(fn (int $number): array => $this->entry('note_written', ['text' => "Note $number"]), range(1, 3));
    $this->enter(214, ...$entries)->assertJsonPath('results.*.state', ['stored', 'stored', 'stored']);
    $rows = DB::table('log_entries')->where('job_id', $this->job(214)->id)->orderByDesc('seq')->limit(3)->get()->reverse()->values();
    // worked out beside the database: what an entry says, under the hash of the one before it
    foreach ($rows as $row) {
        $said = [$before, $row->id, 214, 'TW', $row->kind, $row->payload, ...array_map(fn (string $at): string => (new DateTimeImmutable($at))->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d H:i:s.u'), [$row->happened_at, $row->recorded_at])];
        expect($row->hash)->toBe($before = hash('sha256', implode("\n", $said)));
    }
    expect(brokenAt())->toBe([])
        ->and($this->getJson('/api/jobs/214/record')->json('chain'))->toBe(['entries' => DB::table('log_entries')->where('job_id', $this->job(214)->id)->count(), 'hash' => $before, 'shop' => App\Upkeep\ShopProof::head('2026-11-24')]);
});

it('finds what was done to the log behind its back', function (string $done, int $breaks) {
    $ids = array_map(fn (int $number): string => $this->enter(214, $this->entry('note_written', ['text' => "Note $number"]))->json('results.0.id'), range(1, 4));
    DB::statement('ALTER TABLE log_entries DISABLE TRIGGER log_entries_keep');
    DB::statement('ALTER TABLE log_entries DISABLE TRIGGER log_entries_chain');
    DB::statement(strtr($done, ['@1' => "'$ids[1]'", '@2' => "'$ids[2]'"]));
    DB::statement('ALTER TABLE log_entries ENABLE TRIGGER USER');
    expect(brokenAt())->toHaveCount($breaks)->and(Artisan::call('moltrek:verify'))->toBe(1)
        ->and(Artisan::output())->toContain('Job 214: the chain does not hold at entry');
})->with([
    'a word changed: that entry' => ["update log_entries set payload = '{\"text\": \"Nothing.\"}' where id = @1", 1],
    'a word changed and its hash made to fit: the one after it' => ["update log_entries set payload = '{\"text\": \"No.\"}', hash = entry_hash((select hash from log_entries b where b.job_id = log_entries.job_id and b.seq < log_entries.seq order by seq desc limit 1), id, 214, 'TW', kind, '{\"text\": \"No.\"}', happened_at, recorded_at) where id = @1", 1],
    'one taken out: the one after it' => ['delete from log_entries where id = @1', 1],
    'somebody else’s name' => ["update log_entries set user_id = (select id from users where username = 'petra') where id = @2", 1],
    'an hour earlier' => ["update log_entries set happened_at = happened_at - interval '1 hour' where id = @2", 1],
]);

it('proves the chain of the whole shop', function () {
    expect(Artisan::call('moltrek:verify'))->toBe(0)->and(json_decode(explode("\n", Artisan::output())[0], true))->toMatchArray(['jobs' => 21, 'unreadable' => 0, 'broken' => 0]);
});
