<?php

namespace App\Console\Commands;

use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Fills the bench database: 2,000 jobs, a tenth of them open, 250 entries each. */
final class BenchData extends Command
{
    private const JOBS = 2000;

    private const ENTRIES = 250;

    protected $signature = 'moltrek:bench-data';

    protected $description = 'Fill the bench database';

    public function handle(): int
    {
        if (DB::table('jobs')->count() >= self::JOBS) {
            return self::SUCCESS;
        }
        $this->callSilent('migrate:fresh', ['--force' => true]);
        $this->callSilent('db:seed', ['--class' => DemoSeeder::class, '--force' => true]);
        DB::beginTransaction();
        DB::statement("insert into jobs (number, engine_sheet_id, owner, promised, closed_at, created_at, updated_at)
            select 1000 + n, (select min(id) from engine_sheets where slug = 'ulvane-139r'), 'Owner ' || n, date '2026-12-01' + n % 60,
                case when n % 10 = 0 then null else now() end, now(), now()
            from generate_series(1, ?) n", [self::JOBS]);
        DB::statement("insert into log_entries (id, job_id, user_id, kind, payload, happened_at, recorded_at)
            select gen_random_uuid(), jobs.id, 1,
                case when e = 0 then 'job_opened' else 'reading_taken' end,
                case when e = 0 then '{\"condition\": \"apart\"}'::jsonb else jsonb_build_object(
                    'spot', (array['piston.1', 'bore.1.across.12', 'bore.1.along.12', 'bore.1.across.30', 'bore.1.along.30', 'bore.1.across.68'])[1 + e % 6],
                    'reading', (54.95 + (case when e % 6 = 0 then 0 else 0.055 end) + (e % 5) * 0.001)::numeric(8, 3) || ' mm') end,
                timestamptz '2026-11-01 08:00Z' + e * interval '1 minute', now()
            from jobs cross join generate_series(0, ?) e where jobs.number > 1000", [self::ENTRIES - 1]);
        DB::commit();
        DB::statement('analyze');

        return self::SUCCESS;
    }
}
