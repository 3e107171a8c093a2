<?php

use App\Upkeep\PlainLog;
use App\Upkeep\Rotation;
use Illuminate\Support\Facades\DB;
use Monolog\Level;
use Monolog\LogRecord;

/** A backup made at noon so many days ago. */
function backupOf(int $daysAgo, string $at = '120000'): string
{
    return 'moltrek-'.(new DateTimeImmutable('2026-11-24'))->modify("-$daysAgo days")->format('Ymd').'-'.$at.'.tar.gz';
}

it('keeps the newest backup of seven days, four weeks and twelve months', function () {
    // one a day for a hundred days: 24 November 2026 is a Tuesday
    $all = array_map(backupOf(...), range(0, 99));
    $stays = array_diff($all, Rotation::goes($all));
    // days 0 to 6; Sundays 22, 15, 8 November (the newest of their weeks, beside this week's 24th); the ends of October, September
    // and August
    expect(array_values($stays))->toBe([...array_map(backupOf(...), range(0, 6)), backupOf(9), backupOf(16), backupOf(24), backupOf(55), backupOf(85)]);
});

it('keeps of several on one day the last, and nothing that is none of ours goes', function () {
    $names = ['.', '..', 'moltrek-practice-20260101-000000.tar.gz', 'holiday.jpg', backupOf(0, '080000'), backupOf(0, '170000'), backupOf(0, '120000')];
    expect(Rotation::goes($names))->toBe([backupOf(0, '120000'), backupOf(0, '080000')]);
});

it('throws away no more than it needs to, however irregular they were made', function () {
    mt_srand(7);
    for ($try = 0; $try < 50; $try++) {
        $all = array_values(array_unique(array_map(fn (): string => backupOf(mt_rand(0, 700), sprintf('%02d0000', mt_rand(0, 23))), range(1, mt_rand(1, 60)))));
        rsort($all);
        $stays = array_values(array_diff($all, Rotation::goes($all)));
        expect($stays)->toContain($all[0])->and(count($stays))->toBeLessThanOrEqual(23)
            // and thrown away again it throws away nothing more
            ->and(Rotation::goes($stays))->toBe([]);
    }
});

it('writes no figure, name or password that somebody typed to the log', function () {
    $error = rescue(fn () => DB::transaction(fn () => DB::insert('insert into users (username, password) values (?, ?)', ['joss', 'wrench in the bilge'])), fn (Throwable $thrown): Throwable => $thrown, report: false);
    assert($error instanceof Throwable);
    $record = PlainLog::plain(new LogRecord(new DateTimeImmutable, 'moltrek', Level::Error, $error->getMessage(), ['exception' => $error, 'userId' => 7]));
    expect(json_encode($record->toArray()))->not->toContain('wrench')->not->toContain('joss')->toContain('SQLSTATE')
        ->and($record->context['thrown'])->toContain('Connection.php:')->and($record->context)->not->toHaveKey('userId');
});

it('counts as faults of the day what this shop’s server could not answer, not what somebody mistyped at a command', function (string $level, mixed $answering, bool $isFault) {
    $record = new LogRecord(new DateTimeImmutable, 'moltrek', Level::fromName($level), 'gone', extra: ['answering' => $answering]);
    expect(PlainLog::isFault((new Monolog\Formatter\JsonFormatter)->format($record), 'moltrek_own'))->toBe($isFault);
})->with([
    'an error' => ['Error', 'moltrek_own', true],
    'worse' => ['Critical', 'moltrek_own', true],
    'a warning' => ['Warning', 'moltrek_own', false],
    'the shop for practice' => ['Error', 'moltrek', false],
    'a command' => ['Error', null, false],
]);

it('knows which shop is being answered', function () {
    expect(PlainLog::shop('cli'))->toBeNull()->and(PlainLog::shop('fpm-fcgi'))->toBe(config('database.connections.pgsql.database'));
});

it('tells the owner what waits on which tablet, and no more once it has gone out', function () {
    $tablet = fn (int $waiting): array => ['Outbox' => "tablet0001 $waiting"];
    $waiting = fn (): array => array_map(fn (array $each): array => [$each['who'], $each['waiting']], $this->actingAs($this->person('isla'))->getJson('/api/condition')->assertOk()->json('outboxes'));
    $this->actingAs($this->person('petra'))->getJson('/api/session', $tablet(12));
    expect($waiting())->toBe([['PQ', 12]]);
    $this->actingAs($this->person('petra'))->getJson('/api/session', ['Outbox' => 'rubbish; drop']);
    expect($waiting())->toBe([['PQ', 12]]);
    $this->actingAs($this->person('petra'))->getJson('/api/session', $tablet(0));
    expect($waiting())->toBe([]);
});

it('tells the owner how old the backup is, and what is in the log', function () {
    $said = $this->actingAs($this->person('isla'))->getJson('/api/condition')->json();
    expect($said['entries'])->toBe(DB::table('log_entries')->count())->and($said['diskFree'])->toBeGreaterThan(0)
        ->and($said['backupAt'] === null || is_string($said['backupAt']))->toBeTrue()->and($said['backupOverdue'])->toBe($said['backupAt'] === null);
});
