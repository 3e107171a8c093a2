<?php

namespace App\Bench;

use App\Models\Job;
use App\Models\Row;
use App\Models\Shop;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Planning\RunningWait;
use Symfony\Component\HttpFoundation\JsonResponse;

/**
 * The bench of a job as it is sent, kept for the last entry, the sheet, the day and the shop that it was made from, so that
 * several tablets on one job replay its log once. Derived; an old or missing answer is made again.
 */
final class JobAnswers
{
    /** @return string the job's shape as JSON */
    public static function of(Job $job): string
    {
        $kept = Row::of(DB::selectOne('select answers.key, answers.answer, answers.until, shop.revision,
            coalesce((select seq from log_entries where job_id = ? order by seq desc limit 1), 0) as last_seq
            from shop_revision shop left join job_answers answers on answers.job_id = ?', [$job->id, $job->id]));
        $now = Shop::now();
        $key = sprintf('%d/%d/%s/%d', $kept->whole('last_seq'), $job->engine_sheet_id, $now->format('Y-m-d'), $kept->whole('revision'));
        $until = $kept->textOrNull('until');
        if ($kept->textOrNull('key') === $key && ($until === null || strtotime($until) > $now->getTimestamp())) {
            return $kept->text('answer');
        }
        $state = JobLog::state($job);
        $build = new BuildView($job, $state, $now);
        $answer = json_encode($build->job($kept->whole('last_seq')), JsonResponse::DEFAULT_ENCODING_OPTIONS | JSON_THROW_ON_ERROR);
        if ($job->closed_at === null) {
            // the floor will be asked next: it is made of the same replay
            Summaries::keepOf($build, $job->id, $kept->whole('last_seq'), $now->format('Y-m-d'));
        }
        self::keep(['job_id' => $job->id, 'key' => $key, 'until' => self::until($state), 'answer' => $answer]);

        return $answer;
    }

    /** When the first of its running waits is over. */
    private static function until(BuildState $state): ?string
    {
        $due = array_map(static fn (RunningWait $wait): int => $wait->due()->getTimestamp(), $state->work->waits());
        $due = array_filter($due, static fn (int $moment): bool => $moment > $state->now->getTimestamp());

        return $due === [] ? null : date(DATE_ATOM, min($due));
    }

    /**
     * An answer that cannot be kept, on a full disk say, is made again the next time.
     *
     * @param  array<string, mixed>  $answer
     */
    private static function keep(array $answer): void
    {
        try {
            DB::transaction(static fn () => DB::table('job_answers')->upsert([$answer], ['job_id'], ['key', 'until', 'answer']));
        } catch (QueryException $error) {
            report($error);
        }
    }
}
