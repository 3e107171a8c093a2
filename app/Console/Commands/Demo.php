<?php

namespace App\Console\Commands;

use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Loads the demo shop into an empty database; with --fresh, throws away whatever is there first. */
final class Demo extends Command
{
    protected $signature = 'moltrek:demo {--fresh : throw the data away first}';

    protected $description = 'Load the demo shop';

    public function handle(): int
    {
        if ($this->option('fresh')) {
            $this->callSilent('migrate:fresh', ['--force' => true]);
        }
        if (! User::query()->exists()) {
            // all of it or nothing: killed half-way, the next start finds an empty shop and begins again
            DB::transaction(fn () => $this->callSilent('db:seed', ['--class' => DemoSeeder::class, '--force' => true]));
        }

        return self::SUCCESS;
    }
}
