<?php

namespace App\Upkeep;

use App\Http\Shapes\ConditionShape;
use App\Http\Shapes\OutboxShape;
use App\Models\Row;
use App\Models\Shop;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** How the installation fares: what its owner is told without asking anybody. */
final class Condition
{
    /** A backup that is older than this is said, in hours. */
    private const OLD = 36;

    /** So little disk left is said. */
    private const LITTLE = 2 * 1024 ** 3;

    private const OUTBOXES = 'outboxes';

    /** So many tablets are remembered of one person, and of everybody: the newest. */
    private const MOST = ['person' => 12, 'shop' => 60];

    /** A tablet that has not been heard of for so long is forgotten, in hours. */
    private const FORGOTTEN = 24 * 7;

    public static function shape(): ConditionShape
    {
        $newest = self::newestBackup();
        $hours = $newest === null ? null : round((time() - $newest[0]) / 3600, 1);
        $free = (int) disk_free_space(base_path('var'));
        $faults = self::faultsOfToday();
        $size = Row::of(DB::selectOne('select pg_database_size(current_database()) as size, (select count(*) from log_entries) as entries'));

        return new ConditionShape(
            backupAt: $newest === null ? null : CarbonImmutable::createFromTimestamp($newest[0])->toIso8601ZuluString(),
            backupSize: $newest[1] ?? null,
            backupOverdue: $hours === null || $hours > self::OLD,
            backupFailedAt: SecurityLog::failedSince(SecurityEvent::BackupFailed, SecurityEvent::BackedUp),
            diskFree: $free,
            diskLow: $free < self::LITTLE,
            databaseSize: $size->whole('size'),
            entries: $size->whole('entries'),
            faultsToday: $faults,
            outboxes: self::outboxes(),
        );
    }

    /** A tablet says how much waits in it, with whatever it asks. */
    public static function hear(string $tablet, string $who, int $waiting): void
    {
        $known = self::known();
        if ($waiting === 0 && ! isset($known[$tablet])) {
            return;
        }
        unset($known[$tablet]);
        $known = [$tablet => ['who' => $who, 'waiting' => $waiting, 'at' => time()]] + $known;
        $ofPerson = 0;
        $known = array_filter($known, static function (array $each) use ($who, &$ofPerson): bool {
            return $each['waiting'] > 0 && time() - $each['at'] < self::FORGOTTEN * 3600 && ($each['who'] !== $who || $ofPerson++ < self::MOST['person']);
        });
        Cache::put(self::OUTBOXES, array_slice($known, 0, self::MOST['shop'], true), self::FORGOTTEN * 3600);
    }

    /** @return list<OutboxShape> */
    private static function outboxes(): array
    {
        return array_map(static fn (array $each): OutboxShape => new OutboxShape($each['who'], $each['waiting'], CarbonImmutable::createFromTimestamp($each['at'])->toIso8601ZuluString()), array_values(self::known()));
    }

    /** @return array<string, array{who: string, waiting: int, at: int}> by tablet */
    private static function known(): array
    {
        /** @var array<string, array{who: string, waiting: int, at: int}> $known */
        $known = Cache::get(self::OUTBOXES, []);

        return $known;
    }

    /** @return array{int, int}|null when it was made and how large it is */
    private static function newestBackup(): ?array
    {
        $files = glob(base_path('var/backups/moltrek-2*.tar.gz')) ?: [];
        $made = array_map(filemtime(...), $files);
        arsort($made);
        $newest = array_key_first($made);

        return $newest === null ? null : [(int) $made[$newest], (int) filesize($files[$newest])];
    }

    private static function faultsOfToday(): int
    {
        $log = @fopen(storage_path('logs/moltrek-'.Shop::now()->format('Y-m-d').'.log'), 'r');
        $faults = 0;
        while ($log !== false && ($line = fgets($log)) !== false) {
            $faults += (int) PlainLog::isFault($line, (string) PlainLog::shop('server'));
        }

        return $faults;
    }
}
