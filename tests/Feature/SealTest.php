<?php

use App\Upkeep\Photographs;
use App\Upkeep\Seal;
use App\Upkeep\ShopProof;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Tests\TestCase;

const PICTURE = '01900000-0000-7000-8000-00000000000a';

beforeEach(function () {
    config(['app.photos' => sys_get_temp_dir().'/moltrek-seal-'.getmypid()]);
});

/** Six notes and a photograph, committed as far as the seal is told. */
function committed(TestCase $shop): void
{
    $shop->enter(214, ...array_map(fn (int $number): array => $shop->entry('note_written', ['text' => "Note $number"]), range(1, 6)))->assertJsonPath('results.5.state', 'stored');
    Photographs::here()->keep(PICTURE, (string) base64_decode('/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP//////////////////////////////////////////////////////////////////////////////////////wgALCAABAAEBAREA/8QAFBABAAAAAAAAAAAAAAAAAAAAAP/aAAgBAQABPxA='));
    Seal::close();
}

afterEach(fn () => File::deleteDirectory((string) config('app.photos')));

/** Done by somebody who owns the database, with its triggers out of the way. */
function behindItsBack(string ...$statements): void
{
    $tables = ['log_entries', 'engine_sheets', 'jobs', 'photographs', 'shop_chain'];
    foreach ($tables as $table) {
        DB::statement("ALTER TABLE $table DISABLE TRIGGER USER");
    }
    array_map(DB::statement(...), $statements);
    foreach ($tables as $table) {
        DB::statement("ALTER TABLE $table ENABLE TRIGGER USER");
    }
}

/** @return array{int, string} how verify ends, and what it says */
function verified(): array
{
    return [Artisan::call('moltrek:verify'), Artisan::output()];
}

it('proves a shop that was only added to, and says how many links it has', function () {
    committed($this);
    [$status, $said] = verified();
    expect($status)->toBe(0)->and($said)->toContain('Sound: all '.DB::table('shop_chain')->count().' links, and the seal on the last.');
});

it('sees what was taken away or changed behind its back, and says what and how far the rest holds', function (array $done, string ...$words) {
    committed($this);
    behindItsBack(...$done);
    [$status, $said] = verified();
    expect($status)->toBe(1)->and($said)->toContain(...$words);
})->with(function () {
    $of214 = '(select id from jobs where number = 214)';
    $last = fn (int $count): string => "delete from log_entries where seq in (select seq from log_entries where job_id = $of214 order by seq desc limit $count)";

    return [
        'the last entry' => [[$last(1)], 'Job 214: its last entries are not those that were kept'],
        'the last five, and it is sound as far as a link names an entry that is there' => [[$last(5)], 'Job 214: its last entries are not those that were kept; it is sound up to'],
        'a whole job' => [["delete from job_summaries where job_id = $of214", "delete from rechecks where job_id = $of214", "delete from log_entries where job_id = $of214", 'delete from jobs where number = 214'], 'Job 214: the whole job is gone.', 'Job 214 is gone.'],
        'a sheet’s limit' => [["update engine_sheets set document = replace(document::text, '55', '56')::json where slug = 'ulvane-139r'"], 'Sheet ulvane-139r/1 was changed.'],
        'a job’s owner' => [["update jobs set owner = 'Somebody else' where number = 214"], 'Job 214: its owner or its sheet was changed.'],
        'a job’s sheet' => [["update jobs set engine_sheet_id = (select max(id) from engine_sheets where slug = 'ferrant-738') where number = 214"], 'Job 214: its owner or its sheet was changed.'],
        'what is known of a photograph' => [['update photographs set width = 9'], 'Photograph '.PICTURE.': what is known of it was changed.'],
        'the links of the last five taken with them' => [[$last(5), 'delete from shop_chain where n > (select max(n) - 2 from shop_chain)'], 'the last ones were taken away', 'The chain over the shop is sound up to link'],
        'the head made to fit' => [[$last(5), 'delete from shop_chain where n > (select max(n) - 2 from shop_chain)', 'update shop_head set (n, head) = (select n, head from shop_chain order by n desc limit 1), sealed = (select max(n) from shop_chain)'], 'bears no seal of this installation'],
        'a link rewritten' => [["update shop_chain set hash = repeat('a', 64) where n = 3"], 'breaks at link 3', 'is sound up to link 2'],
        'an entry slipped in at the end' => [["insert into log_entries (id, job_id, user_id, kind, payload, happened_at, recorded_at, hash) select gen_random_uuid(), id, 1, 'note_written', '{\"text\": \"Never said.\"}', now(), now(), repeat('b', 64) from jobs where number = 214"], 'Job 214: the chain does not hold at entry', 'Job 214: its last entries are not those'],
    ];
});

it('sees a photograph that was changed, and one that is gone', function (Closure $done, string $words) {
    committed($this);
    $done(Photographs::here()->path(PICTURE));
    [$status, $said] = verified();
    expect($status)->toBe(1)->and($said)->toContain('Photograph '.PICTURE.$words);
})->with([
    'changed' => [fn (string $path) => file_put_contents($path, 'another picture'), ' was changed.'],
    'half written' => [fn (string $path) => file_put_contents($path, substr((string) file_get_contents($path), 0, 40)), ' was changed.'],
    'gone' => [fn (string $path) => unlink($path), ' is gone.'],
]);

it('seals nothing over what came in without it', function () {
    committed($this);
    // linked by the database like any other, in a transaction of its own that nobody sealed
    DB::statement("insert into log_entries (id, job_id, user_id, kind, payload, happened_at, recorded_at) select gen_random_uuid(), id, 1, 'note_written', '{\"text\": \"Never said.\"}', now(), now() from jobs where number = 214");
    behindItsBack('update shop_chain set tx = tx - 1 where n = (select max(n) from shop_chain)');
    $this->enter(214, $this->entry('note_written', ['text' => 'Honest.']));
    Seal::close();
    [$status, $said] = verified();
    expect($status)->toBe(1)->and($said)->toContain('something was added or taken away that did not come through it');
});

it('knows a seal that another installation has made', function () {
    committed($this);
    config(['app.installation_key' => 'base64:'.base64_encode(str_repeat('k', 32))]);
    expect(verified()[1])->toContain('sealed by another installation');
});

it('proves by a line that was written down that everything up to it is still there', function () {
    committed($this);
    Artisan::call('moltrek:head');
    $line = trim(Artisan::output());
    expect($line)->toMatch('/^2026-11-24 \d+ [0-9a-f]{32}$/');
    $this->enter(214, $this->entry('note_written', ['text' => 'Later.']));
    Seal::close();
    expect(ShopProof::contains($line))->toBeTrue()->and(ShopProof::contains('On paper: '.$line))->toBeTrue()
        ->and(Artisan::call('moltrek:verify', ['--head' => $line]))->toBe(0)
        ->and(ShopProof::contains('2026-11-24 twelve'))->toBeNull();
    // history written anew with hashes that fit: the line outside does not
    behindItsBack("update shop_chain set head = repeat('c', 64) where n = ".explode(' ', $line)[1]);
    expect(ShopProof::contains($line))->toBeFalse()->and(Artisan::call('moltrek:verify', ['--head' => $line]))->toBe(1);
});

it('lets the application change no kept sheet, no job’s owner or sheet, no link and no photograph', function (string $statement) {
    committed($this);
    DB::statement('set local role moltrek_app');
    expect(fn () => DB::transaction(fn () => DB::statement($statement)))->toThrow(Illuminate\Database\QueryException::class, 'permission denied');
})->with([
    "update engine_sheets set version = 9 where slug = 'ulvane-139r'", 'delete from engine_sheets', "update jobs set owner = 'x'", 'update jobs set engine_sheet_id = 1', 'delete from jobs', 'delete from users',
    'delete from shop_chain', "insert into shop_chain (n, what, which, hash, head) values (1, 'a', 'b', 'c', 'd')", 'update shop_head set n = 1', 'update photographs set width = 1', "select link('log', '214', 'x')",
]);

it('lets a job go to another version of its own sheet, and to no other sheet', function () {
    $other = DB::table('engine_sheets')->where('slug', 'ferrant-738')->value('id');
    DB::statement('set local role moltrek_app');
    expect(fn () => DB::transaction(fn () => DB::select('select go_by(?, ?)', [$this->job(214)->id, $other])))->toThrow(Illuminate\Database\QueryException::class, 'another version of its own sheet');
});
