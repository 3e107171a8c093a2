<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** The application works under a role of its own that owns nothing: into the log it may only insert, and read. */
return new class extends Migration
{
    private const ROLE = 'moltrek_app';

    public function up(): void
    {
        DB::unprepared(sprintf(<<<'SQL'
            DO $$ BEGIN
                IF NOT EXISTS (SELECT FROM pg_roles WHERE rolname = '%1$s') THEN CREATE ROLE %1$s NOLOGIN; END IF;
            END $$;
            GRANT USAGE ON SCHEMA public TO %1$s;
            GRANT SELECT, INSERT, UPDATE, DELETE ON users, instruments, engine_sheets, jobs, job_summaries, shelf, habits TO %1$s;
            GRANT SELECT, INSERT ON log_entries TO %1$s;
            GRANT SELECT ON migrations TO %1$s;
            GRANT USAGE, SELECT ON ALL SEQUENCES IN SCHEMA public TO %1$s;
            SQL, self::ROLE));
    }

    public function down(): void
    {
        DB::unprepared('REVOKE ALL ON ALL TABLES IN SCHEMA public FROM '.self::ROLE);
    }
};
