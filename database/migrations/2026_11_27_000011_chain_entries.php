<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Every entry carries a hash of what it says and of the entry before it in its job: whoever changes, takes away or slips in
 * one behind the application's back breaks the chain from there on. The database makes it, whichever way an entry comes in.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('log_entries', function (Blueprint $table): void {
            $table->char('hash', 64)->nullable();
        });
        DB::unprepared(<<<'SQL'
            CREATE OR REPLACE FUNCTION entry_hash(before text, id uuid, job integer, by text, kind text, payload jsonb, happened timestamptz, recorded timestamptz)
                RETURNS text LANGUAGE sql STABLE AS $$
                SELECT encode(sha256(convert_to(concat_ws(E'\n', coalesce(before, ''), id, job, by, kind, payload::text,
                    to_char(happened AT TIME ZONE 'UTC', 'YYYY-MM-DD HH24:MI:SS.US'), to_char(recorded AT TIME ZONE 'UTC', 'YYYY-MM-DD HH24:MI:SS.US')), 'UTF8')), 'hex')
            $$;
            CREATE OR REPLACE FUNCTION chain_entry() RETURNS trigger LANGUAGE plpgsql AS $$
            BEGIN
                NEW.hash := entry_hash(
                    (SELECT hash FROM log_entries WHERE job_id = NEW.job_id ORDER BY seq DESC LIMIT 1), NEW.id,
                    (SELECT number FROM jobs WHERE jobs.id = NEW.job_id), (SELECT initials FROM users WHERE users.id = NEW.user_id),
                    NEW.kind, NEW.payload, NEW.happened_at, NEW.recorded_at);
                RETURN NEW;
            END $$;
            CREATE OR REPLACE VIEW broken_entries AS
                SELECT job, seq, id FROM (
                    SELECT jobs.number AS job, log.seq, log.id, log.hash,
                        entry_hash(lag(log.hash) OVER (PARTITION BY log.job_id ORDER BY log.seq), log.id, jobs.number, users.initials, log.kind, log.payload, log.happened_at, log.recorded_at) AS ought
                    FROM log_entries log JOIN jobs ON jobs.id = log.job_id JOIN users ON users.id = log.user_id
                ) chain WHERE hash IS DISTINCT FROM ought;
            GRANT SELECT ON broken_entries TO moltrek_app;

            -- what is there already is chained in the order in which it came
            ALTER TABLE log_entries DISABLE TRIGGER log_entries_keep;
            DO $$
            DECLARE entry record; before text := NULL; job bigint := NULL;
            BEGIN
                FOR entry IN SELECT log.seq, log.job_id, log.id, jobs.number, users.initials, log.kind, log.payload, log.happened_at, log.recorded_at
                    FROM log_entries log JOIN jobs ON jobs.id = log.job_id JOIN users ON users.id = log.user_id ORDER BY log.job_id, log.seq
                LOOP
                    IF job IS DISTINCT FROM entry.job_id THEN before := NULL; job := entry.job_id; END IF;
                    before := entry_hash(before, entry.id, entry.number, entry.initials, entry.kind, entry.payload, entry.happened_at, entry.recorded_at);
                    UPDATE log_entries SET hash = before WHERE seq = entry.seq;
                END LOOP;
            END $$;
            ALTER TABLE log_entries ENABLE TRIGGER log_entries_keep;
            ALTER TABLE log_entries ALTER COLUMN hash SET NOT NULL;
            CREATE TRIGGER log_entries_chain BEFORE INSERT ON log_entries FOR EACH ROW EXECUTE FUNCTION chain_entry();
            SQL);
    }

    public function down(): void
    {
        DB::unprepared('DROP VIEW IF EXISTS broken_entries; DROP TRIGGER IF EXISTS log_entries_chain ON log_entries; DROP FUNCTION IF EXISTS chain_entry(); DROP FUNCTION IF EXISTS entry_hash(text, uuid, integer, text, text, jsonb, timestamptz, timestamptz)');
        Schema::table('log_entries', function (Blueprint $table): void {
            $table->dropColumn('hash');
        });
    }
};
