<?php

use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Database\Seeders\DemoSignIns;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

it('reads a day as a day of the calendar, wherever one is typed', function (string $day) {
    $this->actingAs($this->person());
    $this->postJson('/api/jobs', ['sheet' => 'ulvane-139r', 'owner' => 'Moor Rescue', 'condition' => 'whole', 'promised' => $day])->assertStatus(422)->assertJsonPath('field', 'promised');
    $this->postJson('/api/tools/m2', ['name' => 'M2', 'kind' => 'micrometer', 'next_check' => $day])->assertStatus(422)->assertJsonPath('field', 'next_check');
    $this->enter(214, $this->entry('part_ordered', ['part' => 'Ring set', 'promised' => $day]))->assertJsonPath('results.0.refusal.field', 'payload.promised');
})->with(['2026-30-11', '2026-02-29', '2026-11-31', '30.11.2026', '1999-12-31', '2100-01-01', "2026-11-30\n", '+2026-11-30']);

it('takes instants of this century only', function (string $instant) {
    $this->enter(214, $this->entry('note_written', ['text' => 'x'], at: $instant))->assertJsonPath('results.0.refusal.field', 'happened_at');
})->with(['0001-01-01T00:00:00Z', '1999-12-31T23:59:59Z', '2100-01-01T00:00:00Z', '9999-12-31T23:59:59Z', '2026-11-31T08:00:00Z', '2026-11-24T25:00:00Z', '2026-11-24 08:00']);

it('refuses what no database keeps, entry by entry, with its field', function () {
    $this->enter(214,
        $this->entry('note_written', ['text' => "a\u{0}b"]), $this->entry('note_written', ['text' => 'kept']),
        $this->entry('reading_taken', ['spot' => "piston.1\u{0}", 'reading' => '54.95 mm']), $this->entry('reading_taken', ['spot' => 'piston.1', 'reading' => "54.95 mm\u{0}"]),
    )->assertOk()->assertJsonPath('results.*.state', ['refused', 'stored', 'refused', 'refused'])
        ->assertJsonPath('results.0.refusal.field', 'payload.text')->assertJsonPath('results.2.refusal.field', 'payload.spot')->assertJsonPath('results.3.refusal.field', 'payload.reading');
});

it('refuses by its field, before anybody has signed in', function (mixed $username, mixed $password, string $field) {
    $this->postJson('/api/session', ['username' => $username, 'password' => $password])->assertStatus(422)->assertJsonPath('field', $field);
})->with([[['tomas'], 'x', 'username'], ["tomas\u{0}", 'x', 'username'], ['tomas', ['x'], 'password'], [str_repeat('9', 70), 'x', 'username'], [null, null, 'username']]);

it('does not read addresses that carry control characters', function (string $path) {
    $status = $this->actingAs($this->person())->get($path, ['Accept' => 'application/json'])->status();
    expect($status)->toBeGreaterThanOrEqual(400)->toBeLessThan(500);
})->with(['/%00', '/jobs/%00', '/api/jobs/%00', '/api/sheets/%00/sheet.json', '/api/dates?late_job=%00', '/calendar/%00.ics', '/api/jobs/99999999999999999999', '/api/dates?late_job[]=1', '/api/dates?days=1e9']);

it('bounds every list', function () {
    $this->actingAs($this->person());
    $this->postJson('/api/jobs/214/entries', ['entries' => array_fill(0, 201, $this->entry('note_written', ['text' => 'x']))])->assertStatus(422)->assertJsonPath('field', 'entries')->assertJsonPath('allowed', 'a list of at most 200');
    $task = fn (int $id, array $after = []): array => ['id' => "t$id", 'minutes' => 10, 'after' => $after];
    $schedule = fn (array $tasks, array $more = []): Illuminate\Testing\TestResponse => $this->postJson('/api/calculations/schedule', $more + ['start' => '2026-12-01T08:00:00Z', 'hours' => ['tue' => ['08:00-17:00']], 'people' => ['tomas'], 'tasks' => $tasks]);
    $schedule(array_map($task, range(1, 501)))->assertStatus(422)->assertJsonPath('field', 'tasks');
    $many = array_map(fn (int $i): array => $task($i, array_map(fn (int $j): string => "t$j", range(1, max(1, min($i - 1, 60))))), range(2, 140));
    $schedule([$task(1), ...$many])->assertStatus(422)->assertJsonPath('field', 'tasks')->assertJsonPath('allowed', 'at most 5000 needs in all');
    $schedule([['not_before' => '2029-01-01T08:00:00Z'] + $task(1)])->assertStatus(422)->assertJsonPath('field', 'tasks.0.not_before');
    $schedule([['minutes' => 2_000_000] + $task(1)])->assertStatus(422)->assertJsonPath('field', 'tasks.0.minutes');
    $readings = array_map(fn (int $i): array => ['depth' => "$i mm", 'axis' => 'pin', 'value' => '86 mm'], range(1, 501));
    $this->postJson('/api/calculations/bore-map', ['readings' => $readings])->assertStatus(422)->assertJsonPath('field', 'readings');
    $this->postJson('/api/calculations/piston-clearance', ['bore' => ['readings' => array_fill(0, 501, '86.02 mm')], 'piston' => '85.95 mm'])->assertStatus(422)->assertJsonPath('field', 'bore.readings');
    $this->postJson('/api/jobs/214/import', ['csv' => "place,reading\n".str_repeat("piston.1,54.95 mm\n", 5001)])->assertStatus(422)->assertJsonPath('field', 'csv')->assertJsonPath('allowed', 'at most 5000 lines after the head');
});

it('slows down a machine that calculates without end', function () {
    $this->actingAs($this->person());
    for ($i = 0; $i < 600; $i++) {
        $this->postJson('/api/calculations/convert', []);
    }
    $this->postJson('/api/calculations/convert', ['value' => '1 in', 'to' => 'mm'])->assertStatus(429)->assertHeader('Retry-After');
});

/** A JPEG half red, half white, with its camera turned as the tag says. */
function photograph(int $orientation): UploadedFile
{
    $image = imagecreatetruecolor(40, 20);
    imagefilledrectangle($image, 0, 0, 39, 19, 0xFFFFFF);
    imagefilledrectangle($image, 0, 0, 19, 19, 0xFF0000);
    ob_start();
    imagejpeg($image, null, 95);
    $plain = (string) ob_get_clean();
    $tag = "Exif\0\0MM\0*\0\0\0\x08\0\x01\x01\x12\0\x03\0\0\0\x01\0".chr($orientation)."\0\0\0\0\0\0";
    $path = tempnam(sys_get_temp_dir(), 'photo');
    file_put_contents($path, "\xFF\xD8\xFF\xE1".pack('n', strlen($tag) + 2).$tag.substr($plain, 2));

    return new UploadedFile($path, 'bench.jpg', 'image/jpeg', test: true);
}

it('keeps a photograph the way up it was taken, and nothing else of the camera', function (int $orientation, array $size, array $redAt) {
    $id = $this->actingAs($this->person())->post('/api/photos', ['photo' => photograph($orientation)], ['Accept' => 'application/json'])->assertOk()->json('id');
    $file = base_path("var/photos/$id.jpg");
    $image = imagecreatefromjpeg($file);
    $colour = imagecolorsforindex($image, imagecolorat($image, ...$redAt));
    expect([imagesx($image), imagesy($image)])->toBe($size)->and($colour['green'])->toBeLessThan(80)
        ->and(exif_read_data($file)['Orientation'] ?? null)->toBeNull();
    unlink($file);
})->with(['as it is' => [1, [40, 20], [5, 10]], 'upside down' => [3, [40, 20], [35, 10]], 'a quarter to the right' => [6, [20, 40], [10, 5]], 'a quarter to the left' => [8, [20, 40], [10, 35]]]);

it('says how a photograph is kept, and takes it again where its file was half written', function () {
    config(['app.photos' => $folder = sys_get_temp_dir().'/moltrek-half-'.getmypid()]);
    $send = fn () => $this->actingAs($this->person())->post('/api/photos', ['photo' => photograph(1), 'id' => '01900000-0000-7000-8000-00000000000b'], ['Accept' => 'application/json'])->assertOk()->json('hash');
    $hash = $send();
    $file = $folder.'/01900000-0000-7000-8000-00000000000b.jpg';
    expect(hash_file('sha256', $file))->toBe($hash)->and(fileperms($file) & 0777)->toBe(0600)
        ->and((array) DB::table('photographs')->where('hash', $hash)->first(['bytes', 'width', 'height']))->toBe(['bytes' => filesize($file), 'width' => 40, 'height' => 20]);
    // killed between file and answer: what nobody knows of counts for nothing and is written anew
    unlink($file);
    expect($send())->toBe($hash)->and(is_file($file))->toBeTrue()->and(glob($folder.'/.part-*'))->toBe([]);
    Illuminate\Support\Facades\File::deleteDirectory($folder);
});

it('refuses a picture that is too tall in words', function () {
    $path = tempnam(sys_get_temp_dir(), 'photo');
    imagepng(imagecreatetruecolor(2, 20_000), $path);
    $this->actingAs($this->person())->post('/api/photos', ['photo' => new UploadedFile($path, 'tall.png', 'image/png', test: true)], ['Accept' => 'application/json'])
        ->assertStatus(422)->assertJsonPath('field', 'photo')->assertJsonPath('allowed', 'a photograph of at most 16000 pixels a side');
    unlink($path);
});

it('counts the pixels of a photograph before it unpacks them', function () {
    $path = tempnam(sys_get_temp_dir(), 'photo');
    // a PNG that says it is 30,000 pixels square, and holds nothing
    $head = 'IHDR'.pack('NNCCCCC', 30_000, 30_000, 8, 2, 0, 0, 0);
    file_put_contents($path, "\x89PNG\r\n\x1a\n".pack('N', 13).$head.pack('N', crc32($head)).pack('N', 0).'IEND'.pack('N', crc32('IEND')));
    $this->actingAs($this->person())->post('/api/photos', ['photo' => new UploadedFile($path, 'huge.png', 'image/png', test: true)], ['Accept' => 'application/json'])
        ->assertStatus(422)->assertJsonPath('field', 'photo')->assertJsonPath('allowed', 'a photograph of at most 40 million pixels');
});

it('keeps an entry’s true time by the clock it was typed under', function () {
    // typed when the tablet was two hours slow and knew it; sent after its clock was put right
    $entry = $this->entry('note_written', ['text' => 'Typed early.'], at: '2026-11-24T08:10:00Z') + ['clock_offset' => 7_200_000];
    $this->actingAs($this->person())->postJson('/api/jobs/214/entries', ['client_now' => '2026-11-24T12:00:00Z', 'entries' => [$entry]])->assertJsonPath('results.0.state', 'stored');
    expect(DB::table('log_entries')->orderByDesc('seq')->value('happened_at'))->toStartWith('2026-11-24 10:10:00');
    $this->postJson('/api/jobs/214/entries', ['entries' => [['clock_offset' => 'an hour'] + $this->entry('note_written', ['text' => 'x'])]])->assertJsonPath('results.0.refusal.field', 'clock_offset');
});

it('sends what somebody typed only under their own sign-in', function () {
    $this->actingAs($this->person('petra'))->postJson('/api/jobs/214/entries', ['by' => 'tomas', 'entries' => [$this->entry('note_written', ['text' => 'x'])]])
        ->assertStatus(409)->assertJsonPath('detail', 'This was typed by tomas, who signs in to send it.');
});

it('says what the shop’s clock says with every answer', function () {
    $this->getJson('/api/session')->assertHeader('Shop-Now', '2026-11-24T12:00:00.000Z');
});

it('sends Floor and Build again only when they have changed', function (string $path) {
    $tag = $this->actingAs($this->person())->getJson($path)->assertOk()->headers->get('ETag');
    expect($tag)->not->toBeNull()->and($this->getJson($path, ['If-None-Match' => $tag])->assertStatus(304)->getContent())->toBe('');
    $this->enter(214, $this->entry('part_ordered', ['part' => 'Ring set', 'promised' => '2026-11-28']))->assertJsonPath('results.0.state', 'stored');
    $this->getJson($path, ['If-None-Match' => $tag])->assertOk();
})->with(['/api/floor', '/api/jobs/214']);

it('works a job out anew when a wait of it is over, and not at every look after that', function () {
    $this->actingAs($this->person())->getJson('/api/floor')->assertOk();
    $kept = fn (): array => (array) DB::table('job_summaries')->where('job_id', $this->job(203)->id)->first(['until', 'xmin']);
    expect($kept()['until'])->not->toBeNull();
    CarbonImmutable::setTestNow('2026-11-24T13:00:00Z');
    $this->getJson('/api/floor')->assertOk();
    $after = $kept();
    expect($after['until'])->toBeNull();
    $this->getJson('/api/floor')->assertOk();
    expect($kept())->toBe($after);
});

it('answers the floor even where it cannot keep what it has worked out', function () {
    DB::table('job_summaries')->delete();
    DB::unprepared("CREATE FUNCTION disk_is_full() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN RAISE EXCEPTION 'no space left on device'; END $$;
        CREATE TRIGGER full_disk BEFORE INSERT OR UPDATE ON job_summaries FOR EACH ROW EXECUTE FUNCTION disk_is_full();");
    $this->actingAs($this->person())->getJson('/api/floor')->assertOk()->assertJsonPath('jobs.0.title', fn (string $title): bool => $title !== '');
    expect(DB::table('job_summaries')->count())->toBe(0);
});

it('gives the application’s own role the log to read and to add to, and nothing more', function (string $statement) {
    expect(fn () => DB::transaction(function () use ($statement): void {
        DB::statement('set local role moltrek_app');
        DB::statement($statement);
    }))->toThrow(QueryException::class, 'SQLSTATE[42501]');
})->with(["update log_entries set kind = 'x'", 'delete from log_entries', 'truncate log_entries', 'alter table log_entries disable trigger all', 'drop table log_entries', 'create table public.t (a int)']);

it('lets the application’s own role work', function () {
    DB::statement('set local role moltrek_app');
    $this->enter(214, $this->entry('note_written', ['text' => 'By the role.']))->assertJsonPath('results.0.state', 'stored');
    $this->actingAs($this->person())->getJson('/api/floor')->assertOk();
    $this->postJson('/api/jobs', ['sheet' => 'ulvane-139r', 'owner' => 'Moor Rescue', 'condition' => 'whole'])->assertCreated();
    DB::statement('reset role');
});

it('ends every session of a person who signs out everywhere', function () {
    $signIn = fn () => $this->postJson('/api/session', ['username' => 'tomas', 'password' => DemoSignIns::all()['tomas']])->assertOk();
    $signIn();
    $elsewhere = session()->all();
    Carbon::setTestNow('2026-11-24T12:05:00Z');
    CarbonImmutable::setTestNow('2026-11-24T12:05:00Z');
    $this->deleteJson('/api/sessions')->assertNoContent();
    $this->assertGuest();
    Auth::forgetGuards();
    $this->withSession($elsewhere)->getJson('/api/floor')->assertStatus(401);
    Auth::forgetGuards();
    $signIn();
    $this->getJson('/api/floor')->assertOk();
});

it('gives a calendar a new address and lets the old one die', function () {
    $old = $this->actingAs($this->person())->getJson('/api/dates')->json('calendar');
    $new = $this->postJson('/api/calendar')->assertOk()->json('calendar');
    expect($new)->not->toBe($old);
    $this->get($old)->assertNotFound();
    $this->get($new)->assertOk();
});

it('takes as long for a name that nobody bears', function () {
    $hasher = new class(['rounds' => 4]) extends Illuminate\Hashing\BcryptHasher
    {
        public int $checks = 0;

        public function check(#[SensitiveParameter] $value, $hashedValue, array $options = []): bool
        {
            $this->checks++;

            return parent::check($value, $hashedValue, $options);
        }
    };
    Illuminate\Support\Facades\Hash::swap($hasher);
    $this->postJson('/api/session', ['username' => 'nobody', 'password' => 'guess'])->assertStatus(422);
    expect($hasher->checks)->toBe(1);
});
