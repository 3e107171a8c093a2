<?php

namespace App\Upkeep;

use App\Models\Job;
use App\Models\Row;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Proves that a shop is what was kept of it: each log's chain of hashes, the chain over all of them with sheets, jobs and
 * photographs, and the seal on its last link. Everything is counted here anew; no function of the database is believed.
 */
final class ShopProof
{
    private const AT_ONCE = 5000;

    /** How many of the digits of a head are written down: 128 bits. */
    private const SHORT = 32;

    private const NOTHING = '0000000000000000000000000000000000000000000000000000000000000000';

    /** @var list<string> */
    private array $findings = [];

    /** @var array<string, array<string, string>> the hash that was linked last, by what it is and which */
    private array $linked = [];

    private int $links = 0;

    private string $last = self::NOTHING;

    /** The last link up to which everything holds, and when it was made. */
    private ?Row $soundUpTo = null;

    /** @var array<int, string> the last hash by number of the job, once its log has been read */
    private array $lastOfLog = [];

    private bool $isWhole = true;

    private bool $isOfElsewhere = false;

    /** @param  bool  $mayBeOfElsewhere  whether another installation may have sealed it, as in a backup that comes from one */
    public function __construct(private readonly Photographs $photographs, private readonly bool $mayBeOfElsewhere = false)
    {
        $this->walkLinks();
        $this->checkHead();
    }

    /** The log of a job, entry by entry, up to where it holds. */
    public function readLog(Job $job): void
    {
        $before = '';
        $rows = DB::select("select log.id, seq, initials, kind, payload::text as payload, hash,
            to_char(happened_at at time zone 'UTC', 'YYYY-MM-DD HH24:MI:SS.US') as happened, to_char(recorded_at at time zone 'UTC', 'YYYY-MM-DD HH24:MI:SS.US') as recorded
            from log_entries log join users on users.id = log.user_id where job_id = ? order by seq", [$job->id]);
        foreach ($rows as $entry) {
            $row = Row::of($entry);
            $hash = (string) $row->textOrNull('hash');
            if (hash('sha256', implode("\n", [$before, $row->text('id'), $job->number, ...$row->texts('initials', 'kind', 'payload', 'happened', 'recorded')])) !== $hash) {
                $this->findings[] = "Job $job->number: the chain does not hold at entry {$row->text('seq')} ({$row->text('id')}), recorded {$row->text('recorded')}; it is sound before it.";
                break;
            }
            $before = $hash;
        }
        $this->lastOfLog[$job->number] = $rows === [] ? '' : (string) Row::of($rows[count($rows) - 1])->textOrNull('hash');
    }

    /**
     * Once every log has been read: what of the shop is not as it was linked, each in a sentence.
     *
     * @return list<string>
     */
    public function findings(): array
    {
        $this->compare('log', $this->lastOfLog, function (string $number, bool $isThere): string {
            $sound = $isThere ? DB::selectOne("select at from shop_chain where what = 'log' and which = ? and hash in (select hash from log_entries join jobs on jobs.id = job_id where number = ?) order by n desc limit 1", [$number, (int) $number]) : null;

            return ! $isThere ? "Job $number: the whole job is gone." : "Job $number: its last entries are not those that were kept".($sound === null ? '.' : '; it is sound up to '.Row::of($sound)->text('at').'.');
        });
        $jobs = DB::table('jobs')->join('engine_sheets', 'engine_sheets.id', '=', 'engine_sheet_id')->get(['number', 'owner', 'slug', 'engine_sheets.version']);
        $this->compare('job', $jobs->mapWithKeys(static fn (stdClass $row): array => [Row::of($row)->whole('number') => self::over(...Row::of($row)->texts('number', 'owner', 'slug', 'version'))])->all(),
            static fn (string $number, bool $isThere): string => $isThere ? "Job $number: its owner or its sheet was changed." : "Job $number is gone.");
        $sheets = [];
        foreach (DB::table('engine_sheets')->selectRaw('slug, version, document::text as document')->orderBy('id')->lazy(200) as $row) {
            $sheets[Row::of($row)->text('slug').'/'.Row::of($row)->text('version')] = self::over(...Row::of($row)->texts('slug', 'version', 'document'));
        }
        $this->compare('sheet', $sheets, static fn (string $which, bool $isThere): string => $isThere ? "Sheet $which was changed." : "Sheet $which is gone.");
        $photographs = DB::table('photographs')->get();
        $this->compare('photograph', $photographs->mapWithKeys(static fn (stdClass $row): array => [Row::of($row)->text('id') => self::over(...Row::of($row)->texts('id', 'hash', 'bytes', 'width', 'height'))])->all(),
            static fn (string $id, bool $isThere): string => $isThere ? "Photograph $id: what is known of it was changed." : "Photograph $id is not known any more.");
        foreach ($photographs as $photograph) {
            $row = Row::of($photograph);
            $state = $this->photographs->state($row->text('id'), $row->text('hash'));
            if ($state !== PhotographState::Sound) {
                $this->findings[] = "Photograph {$row->text('id')} ".($state === PhotographState::Gone ? 'is gone.' : 'was changed.');
            }
        }

        return $this->findings;
    }

    /** How far the chain over the shop holds, in a sentence. */
    public function soundness(): string
    {
        return match (true) {
            $this->findings === [] => "Sound: all {$this->links} links, ".($this->isOfElsewhere ? 'sealed by another installation, which cannot be proved here.' : 'and the seal on the last.'),
            $this->soundUpTo === null => 'No link of the chain over the shop holds.',
            $this->isWhole => "The chain over the shop holds in all {$this->links} links; what is named above is not as they say.",
            default => "The chain over the shop is sound up to link {$this->soundUpTo->text('n')}, made {$this->soundUpTo->text('at')}.",
        };
    }

    public function links(): int
    {
        return $this->links;
    }

    /** What can be written down outside: a day, how many links there are, and a hash that stands for all of them. */
    public static function head(string $day): string
    {
        $kept = DB::selectOne('select * from shop_head');
        $head = $kept === null ? null : Row::of($kept);

        return $day.' '.($head?->whole('n') ?? 0).' '.substr($head?->text('head') ?? self::NOTHING, 0, self::SHORT);
    }

    /** Whether the shop still contains what a line says that was written down; null where it is no such line. */
    public static function contains(string $line): ?bool
    {
        if (preg_match('/(?:^|\s)\d{4}-\d\d-\d\d (\d{1,12}) ([0-9a-f]{'.self::SHORT.'})\s*$/D', $line, $part) !== 1) {
            return null;
        }
        $head = (int) $part[1] === 0 ? self::NOTHING : DB::table('shop_chain')->where('n', (int) $part[1])->value('head');

        return is_string($head) && hash_equals(substr($head, 0, self::SHORT), $part[2]);
    }

    private function walkLinks(): void
    {
        foreach (DB::table('shop_chain')->orderBy('n')->lazyById(self::AT_ONCE, 'n') as $row) {
            $link = Row::of($row);
            [$n, $what, $which] = [$link->whole('n'), $link->text('what'), $link->text('which')];
            $made = hash('sha256', implode("\n", [$this->last, $n, $what, $which, $link->text('hash')]));
            if ($n !== $this->links + 1 || $made !== $link->textOrNull('head')) {
                $this->findings[] = "The chain over the shop breaks at link $n ($what $which, {$link->text('at')}).";
                $this->isWhole = false;
                break;
            }
            $this->linked[$what][$which] = $link->text('hash');
            $this->links = $n;
            $this->last = $made;
            $this->soundUpTo = $link;
        }
    }

    private function checkHead(): void
    {
        $head = DB::selectOne('select * from shop_head');
        $this->isOfElsewhere = $head instanceof stdClass && Seal::isOfElsewhere($head);
        if (! $head instanceof stdClass) {
            $this->findings[] = 'The head of the chain over the shop is gone.';
        } elseif (! $this->isWhole) {
            return;
        } elseif (Row::of($head)->whole('n') !== $this->links || $head->head !== $this->last) {
            $said = Row::of($head)->whole('n');
            $this->findings[] = "The chain over the shop has {$this->links} links, and its head says $said: ".($said > $this->links ? 'the last ones were taken away.' : 'some were added.');
            $this->isWhole = false;
        } elseif (! Seal::holds($head) && ! ($this->mayBeOfElsewhere && Seal::isOfElsewhere($head))) {
            $this->findings[] = Seal::isOfElsewhere($head)
                ? 'The last link was sealed by another installation; its seal cannot be proved here.'
                : 'The last link bears no seal of this installation: something was added or taken away that did not come through it'
                    .(Row::of($head)->whole('sealed') < Row::of($head)->whole('n') ? ' (sealed is link '.Row::of($head)->text('sealed').').' : '.');
        }
    }

    /**
     * @param  array<array-key, string>  $there  the hash of what there is, by which it is
     * @param  callable(string, bool): string  $words
     */
    private function compare(string $what, array $there, callable $words): void
    {
        foreach ($this->linked[$what] ?? [] as $which => $hash) {
            if (($there[$which] ?? null) !== $hash) {
                $this->findings[] = $words((string) $which, isset($there[$which]));
            }
        }
        foreach (array_diff_key($there, $this->linked[$what] ?? []) as $which => $hash) {
            if ($hash !== '') {
                $this->findings[] = ucfirst($what)." $which was added behind the application’s back.";
            }
        }
    }

    private static function over(?string ...$parts): string
    {
        return hash('sha256', implode("\n", $parts));
    }
}
