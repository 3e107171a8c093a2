<?php

namespace App\Build;

use App\Calculations\JsonText;
use App\Models\Job;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * What the floor shows of each job, kept per last log entry and day, so that the floor does not replay every log each time.
 * Derived from the log; a missing or old summary is simply made again.
 */
final class Summaries
{
    /**
     * @param  Collection<int, Job>  $jobs
     * @return list<stdClass> floor shapes as JSON objects, in the order of the jobs
     */
    public static function of(Collection $jobs): array
    {
        $ids = $jobs->modelKeys();
        $last = DB::table('log_entries')->whereIn('job_id', $ids)->groupBy('job_id')->selectRaw('job_id, max(seq) as last_seq')->pluck('last_seq', 'job_id');
        $kept = DB::table('job_summaries')->whereIn('job_id', $ids)->get()->keyBy('job_id');
        $today = Shop::now()->format('Y-m-d');
        $summaries = [];
        foreach ($jobs as $job) {
            $row = $kept->get($job->id);
            $sequence = is_numeric($last[$job->id] ?? null) ? (int) $last[$job->id] : 0;
            $summary = $row instanceof stdClass && (int) $row->last_seq === $sequence ? JsonText::decode((string) $row->summary) : null;
            if (! $summary instanceof stdClass || ($summary->day ?? null) !== $today) {
                $summary = self::refresh($job, $sequence, $today);
            }
            unset($summary->day);
            $summaries[] = $summary;
        }

        return $summaries;
    }

    private static function refresh(Job $job, int $sequence, string $today): stdClass
    {
        $shape = (new BuildView($job, JobLog::state($job), Shop::now()))->floor();
        $summary = JsonText::decode(JsonText::encode(['day' => $today] + get_object_vars($shape)));
        DB::table('job_summaries')->upsert([['job_id' => $job->id, 'last_seq' => $sequence, 'summary' => JsonText::encode($summary)]], ['job_id'], ['last_seq', 'summary']);

        return $summary instanceof stdClass ? $summary : new stdClass;
    }
}
