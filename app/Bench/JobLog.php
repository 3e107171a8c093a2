<?php

namespace App\Bench;

use App\Models\Job;
use App\Models\LogEntry;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use stdClass;

/** The log of one job, read from the database and replayed. */
final class JobLog
{
    /** @return list<Entry> */
    public static function entries(Job $job): array
    {
        return array_values(DB::table('log_entries')
            ->join('users', 'users.id', '=', 'log_entries.user_id')
            ->where('job_id', $job->id)
            ->orderBy('seq')
            ->get(['log_entries.id', 'kind', 'payload', 'happened_at', 'initials'])
            ->map(static fn (stdClass $row): Entry => LogEntry::toCore($row))
            ->all());
    }

    public static function state(Job $job): BuildState
    {
        return Build::replay($job->sheet->engine(), self::entries($job), Shop::now());
    }

    public static function lastSequence(Job $job): int
    {
        $last = DB::table('log_entries')->where('job_id', $job->id)->max('seq');

        return is_numeric($last) ? (int) $last : 0;
    }

    /** The hash of the last entry, by which the whole log up to it can be told from any other; null while there is none. */
    public static function lastHash(Job $job): ?string
    {
        $hash = DB::table('log_entries')->where('job_id', $job->id)->orderByDesc('seq')->value('hash');

        return is_string($hash) ? $hash : null;
    }
}
