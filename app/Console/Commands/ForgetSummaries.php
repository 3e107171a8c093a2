<?php

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Derived rows may have been made by an older version of the program; the floor makes them again when it is next looked at. */
final class ForgetSummaries extends Command
{
    protected $signature = 'moltrek:forget-summaries';

    protected $description = 'Throw away what is derived: summaries of the floor, answers of jobs';

    public function handle(): int
    {
        DB::table('job_summaries')->delete();
        DB::table('job_answers')->delete();

        return self::SUCCESS;
    }
}
