<?php

use App\Exchange\ExportArchive;
use App\Exchange\ShopExport;
use App\Exchange\ShopImport;
use App\Models\Shelf;
use App\Models\ShopSettings;
use App\Models\User;
use App\Upkeep\Backup;
use App\Upkeep\BadArchive;
use App\Upkeep\Photographs;
use App\Upkeep\Seal;
use App\Upkeep\Sums;
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
    Photographs::here()->noteAll();
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
    Seal::close();
    $kept = ['log_entries', 'engine_sheets', 'photographs', 'shop_chain'];
    foreach ($kept as $table) {
        DB::statement("ALTER TABLE $table DISABLE TRIGGER USER");
    }
    foreach (['job_answers', 'job_summaries', 'rechecks', 'log_entries', 'jobs', 'engine_sheets', 'instruments', 'shelf', 'habits', 'shop', 'users', 'photographs', 'shop_chain'] as $table) {
        DB::table($table)->delete();
    }
    DB::statement("update shop_head set n = 0, head = repeat('0', 64)");
    Seal::anew();
    foreach ($kept as $table) {
        DB::statement("ALTER TABLE $table ENABLE TRIGGER USER");
    }
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
    Seal::close();
    $before = comesTo();
    $shelf = Shelf::all();
    $tools = DB::table('instruments')->orderBy('id')->get(['id', 'doubt', 'leaves', 'next_check'])->toArray();
    emptied();
    $codes = (new ShopImport(exchange('/out')))->read();
    Seal::close();
    // it has a chain of its own from here on
    expect(array_diff_key(comesTo(), ['links' => 0, 'head' => 0]))->toBe(array_diff_key($before, ['links' => 0, 'head' => 0]))->and($before['broken'])->toBe(0)->and(Shelf::all())->toBe($shelf)->and(ShopSettings::current()?->name)->toBe('Brannoch Slip Engine Room')
        ->and(DB::table('instruments')->orderBy('id')->get(['id', 'doubt', 'leaves', 'next_check'])->toArray())->toEqual($tools)
        ->and(array_keys($codes))->toBe(['isla', 'tomas', 'petra']);
    // nobody's password travels: each begins with a code
    $this->postJson('/api/welcome/'.$codes['tomas'], ['password' => 'forty grey gulls'])->assertOk();
    $this->postJson('/api/jobs/214/entries', ['entries' => [$this->entry('note_written', ['text' => 'Goes on here.'])]])->assertJsonPath('results.0.state', 'stored');
    Seal::close();
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
    'the last entries cut off, and the hash of the one before them taken for the last' => ['jobs/214/job.json', fn ($job) => array_splice($job->entries, -2), 'entries, and'],
    'a job of no sheet' => ['jobs/214/job.json', fn ($job) => $job->version = 99, 'not there'],
]);

it('misses a job or a photograph that was left out', function (string $left, string $why) {
    exported();
    File::exists(exchange($left)) && is_dir(exchange($left)) ? File::deleteDirectory(exchange($left)) : File::delete(exchange($left));
    emptied();
    expect(fn () => DB::transaction(fn () => (new ShopImport(exchange('/out')))->read()))->toThrow(RuntimeException::class, $why)->and(User::query()->exists())->toBeFalse();
})->with([
    'a job' => ['/out/jobs/220', 'says that it has 21 jobs, and 20 are in it'],
    'a photograph' => ['/out/photos/01900000-0000-7000-8000-000000000001.jpg', 'says that it has 1 photographs, and 0 are in it'],
]);

/** Packs a folder as the export or the backup command does. */
function packed(string $folder, string $file, string ...$names): string
{
    (new Symfony\Component\Process\Process(['tar', '-czf', exchange($file), '-C', $folder, ...$names]))->mustRun();

    return exchange($file);
}

/** An export, unpacked and sealed, packed again after something was done to it. */
function exportAfter(?Closure $change, bool $withFittingSums = false): string
{
    exported();
    $sums = new Sums(exchange('/out'));
    $sums->write();
    $change === null || $change();
    if ($withFittingSums) {
        config(['app.installation_key' => 'base64:'.base64_encode(str_repeat('o', 32))]);
        $sums->write();
        config(['app.installation_key' => config('app.key')]);
    }
    File::ensureDirectoryExists(exchange('/packed'));
    File::moveDirectory(exchange('/out'), exchange('/packed/shop'));

    return packed(exchange('/packed'), '/export.tar.gz', 'shop');
}

it('proves an export before anything of it is kept', function (?Closure $change, bool $withFittingSums, ?string $why) {
    $file = exportAfter($change, $withFittingSums);
    File::ensureDirectoryExists(exchange('/in'));
    $unpack = fn () => (new ExportArchive($file))->unpackProved(exchange('/in'), null);
    $why === null ? expect($unpack)->not->toThrow(Exception::class) : expect($unpack)->toThrow(BadArchive::class, $why);
})->with(function () {
    $raised = fn () => meddled(exchange('/out/shop.json'), fn ($shop) => $shop->people[2]->role = 'owner');

    return [
        'as it was written' => [null, false, null],
        'a role raised' => [$raised, false, 'shop.json does not agree with its checksum'],
        'a role raised, and its checksums made to fit' => [$raised, true, 'was written by another installation, or was changed since'],
        'a sheet changed' => [fn () => meddled(exchange('/out/sheets/harbick-421/1.json'), fn ($sheet) => $sheet->notes = 'x'), false, 'sheets/harbick-421/1.json does not agree'],
        'a job left out' => [fn () => File::deleteDirectory(exchange('/out/jobs/214')), false, 'jobs/214/job.json is missing'],
        'a file more' => [fn () => File::put(exchange('/out/photos/01900000-0000-7000-8000-00000000000f.jpg'), 'x'), false, 'does not agree'],
        'a file that no export has' => [fn () => File::put(exchange('/out/run.php'), '<?php'), false, 'has something in it that Moltrek puts into none: shop/run.php'],
    ];
});

it('takes an export of another installation with the digits that were printed there, and with no others', function () {
    $file = exportAfter(fn () => null, true);
    $proof = (new Sums(exchange('/packed/shop')))->proof();
    foreach ([1, 2, 3] as $try) {
        File::ensureDirectoryExists(exchange("/in$try"));
    }
    expect(fn () => (new ExportArchive($file))->unpackProved(exchange('/in1'), str_repeat('0', 32)))->toThrow(BadArchive::class, 'does not come to the digits')
        ->and(fn () => (new ExportArchive($file))->unpackProved(exchange('/in2'), null))->toThrow(BadArchive::class, '--proof')
        ->and(fn () => (new ExportArchive($file))->unpackProved(exchange('/in3'), ' '.strtoupper($proof)))->not->toThrow(BadArchive::class);
});

it('unpacks nothing that leaves its folder, is no plain file, or is more than it may be', function (Closure $made, string $why) {
    $from = exchange('/crafted');
    File::ensureDirectoryExists($from.'/photos');
    File::put($from.'/manifest.json', '{}');
    File::put($from.'/database.dump', 'PGDMP');
    $file = $made($from);
    File::ensureDirectoryExists(exchange('/in'));
    expect(fn () => Backup::unpack($file, exchange('/in')))->toThrow(BadArchive::class, $why)
        ->and(array_filter(File::allFiles(exchange()), fn ($each): bool => str_contains($each->getFilename(), 'escaped')))->toBe([]);
})->with([
    'a link' => [function (string $from) {
        symlink('/etc/passwd', $from.'/photos/01900000-0000-7000-8000-000000000001.jpg');

        return packed($from, '/c.tar.gz', 'manifest.json', 'photos');
    }, 'which is no plain file'],
    'a path upwards' => [function (string $from) {
        File::put(exchange('/escaped.json'), '{}');
        (new Symfony\Component\Process\Process(['tar', '-czPf', exchange('/c.tar.gz'), '-C', $from, '../escaped.json']))->mustRun();
        File::delete(exchange('/escaped.json'));

        return exchange('/c.tar.gz');
    }, 'puts into none: ../escaped.json'],
    'an absolute path' => [function (string $from) {
        (new Symfony\Component\Process\Process(['tar', '-czPf', exchange('/c.tar.gz'), $from.'/manifest.json']))->mustRun();

        return exchange('/c.tar.gz');
    }, 'puts into none: /'],
    'a device' => [function (string $from) {
        (new Symfony\Component\Process\Process(['tar', '-czPf', exchange('/c.tar.gz'), '--transform=s|.*|photos/01900000-0000-7000-8000-000000000001.jpg|', '/dev/null']))->mustRun();

        return exchange('/c.tar.gz');
    }, 'which is no plain file'],
    'one name twice' => [function (string $from) {
        (new Symfony\Component\Process\Process(['tar', '-czf', exchange('/c.tar.gz'), '--hard-dereference', '-C', $from, 'manifest.json', 'manifest.json']))->mustRun();

        return exchange('/c.tar.gz');
    }, 'manifest.json a second time'],
    'a manifest of many megabytes' => [function (string $from) {
        File::put($from.'/manifest.json', str_repeat(' ', 2 << 20));

        return packed($from, '/c.tar.gz', 'manifest.json');
    }, 'manifest.json has 2097152 bytes, and may have 1048576'],
    'cut off' => [function (string $from) {
        File::put($from.'/database.dump', random_bytes(100_000));
        $file = packed($from, '/c.tar.gz', 'manifest.json', 'database.dump');
        file_put_contents($file, substr((string) file_get_contents($file), 0, 60_000));

        return $file;
    }, 'ends in the middle'],
    'no checksums' => [fn (string $from) => packed($from, '/c.tar.gz', 'manifest.json', 'database.dump'), 'is not a backup or an export'],
    'no archive at all' => [function () {
        File::put(exchange('/c.tar.gz'), 'holiday pictures');

        return exchange('/c.tar.gz');
    }, 'is not a backup or an export'],
    'another manifest' => [function (string $from) {
        (new Sums($from))->write();

        return packed($from, '/c.tar.gz', 'manifest.json', 'database.dump', 'SHA256SUMS');
    }, 'is not a backup or an export'],
    'a later version' => [function (string $from) {
        File::put($from.'/manifest.json', json_encode(['schema' => 'moltrek-backup-2', 'database' => 'moltrek', 'core' => '', 'made' => '', 'migration' => '2031_01_01_000001_later', 'photographs' => 0, 'shop' => (object) []]));
        (new Sums($from))->write();

        return packed($from, '/c.tar.gz', 'manifest.json', 'database.dump', 'SHA256SUMS');
    }, 'made by a later version'],
    'a photograph less than it says' => [function (string $from) {
        File::put($from.'/manifest.json', json_encode(['schema' => 'moltrek-backup-2', 'database' => 'moltrek', 'core' => '', 'made' => '', 'migration' => '2026_11_27_000013_create_devices', 'photographs' => 1, 'shop' => (object) []]));
        (new Sums($from))->write();

        return packed($from, '/c.tar.gz', 'manifest.json', 'database.dump', 'SHA256SUMS');
    }, 'has 0 photographs, and its manifest says 1'],
]);
