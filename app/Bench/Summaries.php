<?php

namespace App\Bench;

use App\Calculations\JsonText;
use App\Http\Shapes\WaitShape;
use App\Models\Job;
use App\Models\Row;
use App\Models\Shop;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/**
 * What the floor shows of each job, kept per last log entry and day, so that the floor does not replay every log each time.
 * Derived from the log; a missing or old summary is simply made again.
 */
final class Summaries
{
    /** @return list<string> floor shapes as JSON, what can be worked first, then by promised day */
    public static function ofOpenJobs(): array
    {
        $today = Shop::now()->format('Y-m-d');
        $now = Shop::now()->getTimestamp();
        $workable = $waiting = [];
        foreach (self::rows() as $row) {
            $until = $row->textOrNull('until');
            $isNew = $row->textOrNull('kept_seq') === $row->text('last_seq') && $row->textOrNull('day') === $today && ($until === null || strtotime($until) > $now);
            [$canBeWorked, $summary] = $isNew ? [$row->flag('workable'), $row->text('summary')] : self::refresh($row->whole('id'), $row->whole('last_seq'), $today);
            if ($canBeWorked) {
                $workable[] = $summary;
            } else {
                $waiting[] = $summary;
            }
        }

        return [...$workable, ...$waiting];
    }

    /** @return list<Row> */
    private static function rows(): array
    {
        return array_map(Row::of(...), array_values(DB::select('select jobs.id, coalesce(latest.seq, 0) as last_seq, kept.last_seq as kept_seq, kept.day, kept.until, kept.workable, kept.summary
            from jobs
            left join lateral (select seq from log_entries where job_id = jobs.id order by seq desc limit 1) latest on true
            left join job_summaries kept on kept.job_id = jobs.id
            where jobs.closed_at is null
            order by jobs.promised nulls last, jobs.number')));
    }

    /** @return array{bool, string} */
    private static function refresh(int $id, int $sequence, string $today): array
    {
        $job = Job::query()->findOrFail($id);

        return self::keepOf(new BuildView($job, JobLog::state($job), Shop::now()), $id, $sequence, $today);
    }

    /** @return array{bool, string} whether it can be worked, and the summary of a job that has just been replayed */
    public static function keepOf(BuildView $build, int $id, int $sequence, string $today): array
    {
        $shape = $build->floor();
        $summary = JsonText::encode($shape);
        // a wait changes what can be worked at the moment it is over, and not again after that
        $due = array_filter(array_map(static fn (WaitShape $wait): string => $wait->due, $shape->waits), static fn (string $due): bool => strtotime($due) > Shop::now()->getTimestamp());
        $until = $due === [] ? null : min($due);
        self::keep(['job_id' => $id, 'last_seq' => $sequence, 'day' => $today, 'workable' => $shape->next->canBeWorked, 'until' => $until, 'summary' => $summary]);

        return [$shape->next->canBeWorked, $summary];
    }

    /**
     * A summary that cannot be kept, on a full disk say, is made again the next time; the floor answers all the same.
     *
     * @param  array<string, mixed>  $summary
     */
    private static function keep(array $summary): void
    {
        try {
            DB::transaction(static fn () => DB::table('job_summaries')->upsert([$summary], ['job_id'], ['last_seq', 'day', 'workable', 'until', 'summary']));
        } catch (QueryException $error) {
            report($error);
        }
    }
}
