<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Whoever listens hears which job's log grew, and how far, when the batch that did it stands. */
return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE OR REPLACE FUNCTION tell_of_entries() RETURNS trigger LANGUAGE plpgsql AS $$
            BEGIN
                PERFORM pg_notify('moltrek_log', json_build_object('job', jobs.number, 'seq', grown.seq)::text)
                    FROM (SELECT job_id, max(seq) AS seq FROM added GROUP BY job_id) grown JOIN jobs ON jobs.id = grown.job_id;
                RETURN NULL;
            END $$;
            CREATE TRIGGER log_entries_tell AFTER INSERT ON log_entries REFERENCING NEW TABLE AS added
                FOR EACH STATEMENT EXECUTE FUNCTION tell_of_entries();
            SQL);
    }

    public function down(): void
    {
        DB::unprepared('DROP TRIGGER IF EXISTS log_entries_tell ON log_entries; DROP FUNCTION IF EXISTS tell_of_entries()');
    }
};
