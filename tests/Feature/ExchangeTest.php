<?php

use App\Exchange\ShopExport;
use App\Exchange\ShopImport;
use App\Models\Shelf;
use App\Models\ShopSettings;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Opis\JsonSchema\Validator;

/** Where a test writes and keeps its photographs. */
function exchange(string $below = ''): string
{
    return sys_get_temp_dir().'/moltrek-exchange-'.getmypid().$below;
}

/** @return array{people: int, sheets: int, jobs: int, entries: int, photographs: int} what was written of the demo shop */
function exported(): array
{
    return (new ShopExport(exchange('/out')))->write();
}

beforeEach(function () {
    config(['app.photos' => exchange('/kept')]);
    File::ensureDirectoryExists(exchange('/kept'));
    File::put(exchange('/kept/01900000-0000-7000-8000-000000000001.jpg'), 'a picture');
    File::put(exchange('/kept/note.txt'), 'none of ours');
});

afterEach(fn () => File::deleteDirectory(exchange()));

/** What the shop comes to when every job is replayed. */
function comesTo(): array
{
    Artisan::call('moltrek:verify');

    return json_decode(explode("\n", Artisan::output())[0], true);
}

/** Nothing is left of the shop. */
function emptied(): void
{
    DB::statement('ALTER TABLE log_entries DISABLE TRIGGER ALL');
    foreach (['job_answers', 'job_summaries', 'rechecks', 'log_entries', 'jobs', 'engine_sheets', 'instruments', 'shelf', 'habits', 'shop', 'users'] as $table) {
        DB::table($table)->delete();
    }
    DB::statement('ALTER TABLE log_entries ENABLE TRIGGER ALL');
}

/** A file of the export, changed. */
function meddled(string $file, Closure $change): void
{
    $document = json_decode((string) file_get_contents($file));
    $change($document);
    file_put_contents($file, json_encode($document));
}

it('writes every file after its published schema, and no secret', function () {
    $counts = exported();
    expect($counts)->toMatchArray(['people' => 3, 'jobs' => 21, 'photographs' => 1])->and($counts['entries'])->toBe(DB::table('log_entries')->count());
    $validator = new Validator;
    $schema = json_decode((string) file_get_contents(base_path('docs/schemas/shop-export.schema.json')));
    $job = (object) (['$defs' => $schema->{'$defs'}] + (array) $schema->{'$defs'}->job);
    expect($validator->validate(json_decode((string) file_get_contents(exchange('/out').'/shop.json')), $schema)->isValid())->toBeTrue();
    foreach (glob(exchange('/out').'/jobs/*/job.json') as $file) {
        expect($validator->validate(json_decode((string) file_get_contents($file)), $job)->isValid())->toBeTrue();
    }
    $record = json_decode((string) file_get_contents(base_path('docs/schemas/record.schema.json')));
    expect($validator->validate(json_decode((string) file_get_contents(exchange('/out').'/jobs/214/record.json')), $record)->isValid())->toBeTrue();
    $all = implode('', array_map(fn ($file): string => $file->getContents(), File::allFiles(exchange('/out'))));
    foreach (User::query()->get() as $user) {
        expect($all)->not->toContain($user->getAuthPassword());
    }
});

it('is read into an empty shop, which then comes to the same, hash by hash', function () {
    exported();
    $before = comesTo();
    $shelf = Shelf::all();
    $tools = DB::table('instruments')->orderBy('id')->get(['id', 'doubt', 'leaves', 'next_check'])->toArray();
    emptied();
    $codes = (new ShopImport(exchange('/out')))->read();
    expect(comesTo())->toBe($before)->and($before['broken'])->toBe(0)->and(Shelf::all())->toBe($shelf)->and(ShopSettings::current()?->name)->toBe('Brannoch Slip Engine Room')
        ->and(DB::table('instruments')->orderBy('id')->get(['id', 'doubt', 'leaves', 'next_check'])->toArray())->toEqual($tools)
        ->and(array_keys($codes))->toBe(['isla', 'tomas', 'petra']);
    // nobody's password travels: each begins with a code
    $this->postJson('/api/welcome/'.$codes['tomas'], ['password' => 'forty grey gulls'])->assertOk();
    $this->postJson('/api/jobs/214/entries', ['entries' => [$this->entry('note_written', ['text' => 'Goes on here.'])]])->assertJsonPath('results.0.state', 'stored');
    expect(comesTo()['broken'])->toBe(0);
});

it('is read into no shop that has anybody in it', function () {
    exported();
    expect(fn () => (new ShopImport(exchange('/out')))->read())->toThrow(RuntimeException::class, 'not empty');
});

it('keeps nothing of an export that was changed on the way', function (string $file, Closure $change, string $why) {
    exported();
    meddled(exchange('/out/'.$file), $change);
    emptied();
    expect(fn () => DB::transaction(fn () => (new ShopImport(exchange('/out')))->read()))->toThrow(Exception::class, $why)
        ->and(User::query()->exists())->toBeFalse()->and(DB::table('jobs')->exists())->toBeFalse();
})->with([
    'a word' => ['jobs/214/job.json', fn ($job) => $job->entries[3]->payload->text = 'x', 'was changed on the way'],
    'an entry left out' => ['jobs/214/job.json', fn ($job) => array_splice($job->entries, 2, 1), 'was changed on the way'],
    'another author' => ['jobs/214/job.json', fn ($job) => $job->entries[3]->by = $job->entries[3]->by === 'TW' ? 'PQ' : 'TW', 'was changed on the way'],
    'somebody unknown' => ['jobs/214/job.json', fn ($job) => $job->entries[3]->by = 'ZZ', 'not there'],
    'a sheet that contradicts itself' => ['sheets/harbick-421/1.json', fn ($sheet) => $sheet->geometry->bore = 'wide', 'cannot'],
    'a job of no sheet' => ['jobs/214/job.json', fn ($job) => $job->version = 99, 'not there'],
]);
