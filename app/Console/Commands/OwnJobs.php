<?php

namespace App\Console\Commands;

use App\Models\Job;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

/** How many jobs are there that are not the demo's. */
final class OwnJobs extends Command
{
    protected $signature = 'moltrek:own-jobs';

    protected $description = 'Count the jobs that are not the demo\'s';

    public function handle(): int
    {
        $this->line((string) Job::query()->whereNotIn('number', DemoSeeder::JOBS)->count());

        return self::SUCCESS;
    }
}
