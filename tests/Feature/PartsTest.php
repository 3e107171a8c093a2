<?php

use Illuminate\Http\UploadedFile;

/** @return array<string, mixed> */
function plannedPart(mixed $test, int $job, string $part): array
{
    return collect($test->actingAs($test->person())->getJson("/api/jobs/$job")->json('parts.planned'))->firstWhere('part', $part);
}

function lying(mixed $test, string $part, string $fits): ?int
{
    return collect($test->getJson('/api/shelf')->json())->first(fn (array $lies): bool => $lies['part'] === $part && $lies['fits'] === $fits)['count'] ?? null;
}

it('takes a part from the shelf, one at a time, and puts it back with the strike-out', function () {
    $entry = $this->entry('part_taken', ['part' => 'Base gasket']);
    $this->enter(209, $entry)->assertJsonPath('results.0.state', 'stored');
    expect(lying($this, 'Base gasket', 'harbick-421'))->toBe(1)->and(plannedPart($this, 209, 'Base gasket'))->toMatchArray(['state' => 'arrived', 'why' => 'from the shelf']);
    $this->enter(209, $this->entry('entry_struck', ['entry' => $entry['id'], 'reason' => 'not this one'], at: '2026-11-24T11:40:00Z'));
    expect(lying($this, 'Base gasket', 'harbick-421'))->toBe(2)->and(plannedPart($this, 209, 'Base gasket')['state'])->toBe('needed');
});

it('sends the same taking twice and takes one', function () {
    $entry = $this->entry('part_taken', ['part' => 'Base gasket']);
    $this->enter(209, $entry);
    $this->enter(209, $entry)->assertJsonPath('results.0.state', 'already');
    expect(lying($this, 'Base gasket', 'harbick-421'))->toBe(1);
});

it('takes nothing that does not lie there for this engine', function (int $job, string $part) {
    $this->enter($job, $this->entry('part_taken', ['part' => $part]))->assertJsonPath('results.0.state', 'refused')->assertJsonPath('results.0.refusal.field', 'payload.part');
})->with([
    'another engine’s gasket' => [226, 'Base gasket'],
    'never had it' => [209, 'Rocker shaft'],
    'made for another' => [209, 'Circlips'],
]);

it('takes the last, and then no more', function () {
    $this->actingAs($this->person())->postJson('/api/shelf', ['part' => 'Base gasket', 'fits' => 'harbick-421', 'count' => 1])->assertOk();
    $this->enter(209, $this->entry('part_taken', ['part' => 'Base gasket']), $this->entry('part_taken', ['part' => 'Base gasket']))
        ->assertJsonPath('results.0.state', 'stored')->assertJsonPath('results.1.state', 'refused');
});

it('takes what fits any engine where none is made for this one', function () {
    $this->enter(209, $this->entry('part_taken', ['part' => 'Oil filter']))->assertJsonPath('results.0.state', 'stored');
    expect(lying($this, 'Oil filter', ''))->toBe(5);
});

it('counts the shelf as somebody says', function () {
    $this->actingAs($this->person())->postJson('/api/shelf', ['part' => 'Cover gasket', 'fits' => 'harbick-421', 'count' => 3])->assertOk();
    $this->postJson('/api/shelf', ['part' => 'Cover gasket', 'fits' => 'harbick-421', 'count' => 2])->assertOk();
    expect(lying($this, 'Cover gasket', 'harbick-421'))->toBe(2);
});

it('refuses what cannot lie on a shelf', function (array $body, string $field) {
    $this->actingAs($this->person())->postJson('/api/shelf', $body)->assertStatus(422)->assertJsonPath('field', $field);
})->with([
    [['part' => '', 'count' => 1], 'part'], [['part' => 'x', 'count' => -1], 'count'], [['part' => 'x', 'count' => 1.5], 'count'], [['part' => 'x', 'count' => 'two'], 'count'],
    [['part' => 'x', 'count' => 1, 'fits' => 'steam-1'], 'fits'], [['part' => 'x', 'count' => 1, 'row' => 2], 'row'],
]);

it('says by when each part has to be there', function () {
    $needs = collect(collect($this->actingAs($this->person())->getJson('/api/dates')->json('jobs'))->firstWhere('number', 209)['needs'])->pluck('by', 'part');
    // the ring set comes tomorrow; the base gasket waits for it, the head joint stands after both
    expect($needs['Ring set'])->toBeGreaterThan('2026-11-25T08:00')->and($needs['Base gasket'])->toBeGreaterThan('2026-11-25T08:00')
        ->and($needs['Head gasket or O-rings'])->toBeGreaterThan($needs['Base gasket']);
    $this->enter(209, $this->entry('part_taken', ['part' => 'Base gasket']));
    $after = collect(collect($this->getJson('/api/dates')->json('jobs'))->firstWhere('number', 209)['needs'])->pluck('part');
    expect($after)->not->toContain('Base gasket');
});

it('keeps the photograph of an arrival with the job and its record', function () {
    $photo = $this->actingAs($this->person())->post('/api/photos', ['photo' => UploadedFile::fake()->image('box.jpg', 40, 30)])->assertOk()->json('id');
    $this->enter(209, $this->entry('part_arrived', ['part' => 'Ring set', 'photo' => $photo, 'note' => 'marked N up, three-piece']));
    $line = collect($this->getJson('/api/jobs/209/record')->json('log'))->firstWhere('kind', 'part_arrived');
    expect($line)->toMatchArray(['text' => 'Arrived: Ring set: marked N up, three-piece', 'photo' => $photo]);
    unlink(base_path("var/photos/$photo.jpg"));
});

it('tells each part of its class, and lets back only what may go back', function () {
    expect(plannedPart($this, 209, 'Base gasket'))->toMatchArray(['reuse' => 'one-use', 'mayGoBack' => false])
        ->and(plannedPart($this, 209, 'Cover gasket'))->toMatchArray(['reuse' => 'reuse if', 'mayGoBack' => true]);
    $this->enter(209, $this->entry('part_reused', ['part' => 'Base gasket', 'reason' => 'x']))->assertJsonPath('results.0.refusal.field', 'payload.part');
    $this->enter(209, $this->entry('part_reused', ['part' => 'Cover gasket', 'reason' => 'soft, whole']))->assertJsonPath('results.0.state', 'stored');
    expect(plannedPart($this, 209, 'Cover gasket'))->toMatchArray(['state' => 'arrived', 'why' => 'the old one: soft, whole']);
});

it('wants somebody of the shop as the second at a hold, and not the first again', function (string $second, string $state) {
    $answers = $this->enter(203, $this->entry('hold_answered', ['hold' => 'hold.cover', 'item' => 0, 'second' => $second]));
    if ($state === 'refused') {
        $answers->assertJsonPath('results.0.state', 'refused');
        expect($answers->json('results.0.refusal.field'))->toStartWith('payload.');
    }
    expect($answers->json('results.0.state'))->toBe($state);
})->with([
    'the same person' => ['TW', 'refused'],
    'nobody' => ['ZZ', 'refused'],
]);

it('keeps what has run together in its slot until it is back', function () {
    $home = fn (string $id): array => collect($this->actingAs($this->person())->getJson('/api/jobs/221')->json('parts.home'))->firstWhere('id', $id);
    expect($home('bucket.1in1'))->toMatchArray(['isOut' => true, 'isSaid' => false, 'name' => 'Bucket of inlet valve 1, cylinder 1']);
    $this->enter(221, $this->entry('part_back', ['part' => 'bucket.1in1', 'place' => '1in1']));
    expect($home('bucket.1in1'))->toMatchArray(['isSaid' => true, 'elsewhere' => null]);
    $this->enter(221, $this->entry('part_back', ['part' => 'bucket.1in2', 'place' => '2in1']))->assertJsonPath('results.0.refusal.field', 'payload.place');
    $this->enter(221, $this->entry('part_back', ['part' => 'bucket.1in2', 'place' => '2in1', 'reason' => 'pitted']));
    expect($home('bucket.1in2'))->toMatchArray(['elsewhere' => '2in1', 'reason' => 'pitted']);
    expect(collect($this->getJson('/api/jobs/221/record')->json('log'))->last()['text'])->toBe('Bucket of inlet valve 2, cylinder 1: fitted at inlet valve 1, cylinder 2, pitted');
});

it('puts the piston of an oversize on the list, and counts on it in the dates', function () {
    $this->enter(219, $this->entry('bore_decided', ['cylinder' => '1', 'decision' => 'rebore', 'size' => '+0.25', 'reason' => 'worn']));
    expect(plannedPart($this, 219, 'Piston +0.25, left cylinder'))->toMatchArray(['state' => 'needed', 'for' => ['work.piston.1'], 'reuse' => null]);
    $finish = fn (): string => collect($this->getJson('/api/dates')->json('jobs'))->firstWhere('number', 219)['finish'];
    $before = $finish();
    $this->enter(219, $this->entry('part_ordered', ['part' => 'Piston +0.25, left cylinder', 'promised' => '2026-12-21', 'for' => []]));
    expect($finish())->toBeGreaterThan('2026-12-21')->and($before)->toBeLessThan('2026-12-21');
});
