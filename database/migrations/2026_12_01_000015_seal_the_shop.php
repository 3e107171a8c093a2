<?php

use App\Upkeep\Seal;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * One chain over the whole shop: whatever a log grew by, each kept sheet, each job with its owner and sheet, and each photograph is
 * a link of it, made by the database in the order in which they were committed. The application seals the last link with a key that
 * the database does not hold. Kept sheets, links and photographs are never changed, and a job goes by another sheet only through a
 * function that lets it go to another version of the same.
 */
return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE TABLE photographs (
                id uuid PRIMARY KEY, hash char(64) NOT NULL, bytes integer NOT NULL, width integer NOT NULL, height integer NOT NULL,
                kept_at timestamptz(6) NOT NULL
            );
            CREATE TABLE shop_chain (
                n bigint PRIMARY KEY, what text NOT NULL, which text NOT NULL, hash char(64) NOT NULL, head char(64) NOT NULL,
                at timestamptz(6) NOT NULL DEFAULT clock_timestamp(), tx bigint NOT NULL DEFAULT pg_current_xact_id()::text::bigint
            );
            COMMENT ON COLUMN shop_chain.what IS 'log: the job''s log up to that entry; sheet, job, photograph';
            COMMENT ON COLUMN shop_chain.tx IS 'the transaction that made it: a seal is put upon links of its own transaction alone';
            CREATE INDEX shop_chain_which ON shop_chain (what, which, n);
            CREATE TABLE shop_head (
                id smallint PRIMARY KEY CHECK (id = 1), n bigint NOT NULL, head char(64) NOT NULL,
                sealed bigint NOT NULL, seal char(64), key char(16)
            );
            INSERT INTO shop_head VALUES (1, 0, repeat('0', 64), 0, NULL, NULL);

            CREATE OR REPLACE FUNCTION chain_head(before text, n bigint, what text, which text, hash text) RETURNS text LANGUAGE sql IMMUTABLE AS $$
                SELECT encode(sha256(convert_to(concat_ws(E'\n', before, n, what, which, hash), 'UTF8')), 'hex')
            $$;
            CREATE OR REPLACE FUNCTION sheet_hash(slug text, version bigint, document json) RETURNS text LANGUAGE sql IMMUTABLE AS $$
                SELECT encode(sha256(convert_to(concat_ws(E'\n', slug, version, document::text), 'UTF8')), 'hex')
            $$;
            CREATE OR REPLACE FUNCTION job_hash(number bigint, owner text, slug text, version bigint) RETURNS text LANGUAGE sql IMMUTABLE AS $$
                SELECT encode(sha256(convert_to(concat_ws(E'\n', number, owner, slug, version), 'UTF8')), 'hex')
            $$;
            CREATE OR REPLACE FUNCTION photograph_hash(id uuid, hash text, bytes integer, width integer, height integer) RETURNS text LANGUAGE sql IMMUTABLE AS $$
                SELECT encode(sha256(convert_to(concat_ws(E'\n', id, hash, bytes, width, height), 'UTF8')), 'hex')
            $$;
            -- whoever links waits for whoever linked before, until that is committed: the order of the links is that of the commits
            CREATE OR REPLACE FUNCTION link(what text, which text, hash text) RETURNS void LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
            DECLARE last shop_head; made text;
            BEGIN
                SELECT * INTO last FROM shop_head FOR UPDATE;
                made := chain_head(last.head, last.n + 1, link.what, link.which, link.hash);
                INSERT INTO shop_chain (n, what, which, hash, head) VALUES (last.n + 1, link.what, link.which, link.hash, made);
                UPDATE shop_head SET n = last.n + 1, head = made;
            END $$;
            CREATE OR REPLACE FUNCTION link_entries() RETURNS trigger LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
            BEGIN
                PERFORM link('log', jobs.number::text, grown.hash)
                    FROM (SELECT DISTINCT ON (job_id) job_id, hash FROM added ORDER BY job_id, seq DESC) grown JOIN jobs ON jobs.id = grown.job_id;
                RETURN NULL;
            END $$;
            CREATE OR REPLACE FUNCTION link_row() RETURNS trigger LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
            BEGIN
                IF TG_TABLE_NAME = 'engine_sheets' THEN
                    PERFORM link('sheet', NEW.slug || '/' || NEW.version, sheet_hash(NEW.slug, NEW.version, NEW.document));
                ELSIF TG_TABLE_NAME = 'photographs' THEN
                    PERFORM link('photograph', NEW.id::text, photograph_hash(NEW.id, NEW.hash, NEW.bytes, NEW.width, NEW.height));
                ELSE
                    PERFORM link('job', NEW.number::text, job_hash(NEW.number, NEW.owner, slug, version)) FROM engine_sheets WHERE id = NEW.engine_sheet_id;
                END IF;
                RETURN NULL;
            END $$;
            CREATE OR REPLACE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
            BEGIN
                RAISE EXCEPTION '% is kept as it is: % is refused.', TG_TABLE_NAME, TG_OP;
            END $$;

            -- what is there already, in the order in which it came
            SELECT link('sheet', slug || '/' || version, sheet_hash(slug, version, document)) FROM (SELECT * FROM engine_sheets ORDER BY id) each;
            SELECT link('job', number::text, job_hash(number, owner, slug, version)) FROM (
                SELECT jobs.number, jobs.owner, slug, version FROM jobs JOIN engine_sheets ON engine_sheets.id = engine_sheet_id ORDER BY jobs.id) each;
            SELECT link('log', number::text, hash) FROM (
                SELECT DISTINCT ON (job_id) number, hash FROM log_entries JOIN jobs ON jobs.id = job_id ORDER BY job_id, seq DESC) each;

            CREATE TRIGGER log_entries_link AFTER INSERT ON log_entries REFERENCING NEW TABLE AS added FOR EACH STATEMENT EXECUTE FUNCTION link_entries();
            -- at the end of a transaction, so that nobody holds the chain who still waits for something else
            CREATE CONSTRAINT TRIGGER engine_sheets_link AFTER INSERT ON engine_sheets DEFERRABLE INITIALLY DEFERRED FOR EACH ROW EXECUTE FUNCTION link_row();
            CREATE CONSTRAINT TRIGGER photographs_link AFTER INSERT ON photographs DEFERRABLE INITIALLY DEFERRED FOR EACH ROW EXECUTE FUNCTION link_row();
            CREATE CONSTRAINT TRIGGER jobs_link AFTER INSERT OR UPDATE OF number, owner, engine_sheet_id ON jobs DEFERRABLE INITIALLY DEFERRED FOR EACH ROW EXECUTE FUNCTION link_row();
            CREATE TRIGGER engine_sheets_keep BEFORE UPDATE OR DELETE ON engine_sheets FOR EACH ROW EXECUTE FUNCTION refuse_change();
            CREATE TRIGGER photographs_keep BEFORE UPDATE OR DELETE ON photographs FOR EACH ROW EXECUTE FUNCTION refuse_change();
            CREATE TRIGGER shop_chain_keep BEFORE UPDATE OR DELETE ON shop_chain FOR EACH ROW EXECUTE FUNCTION refuse_change();

            -- a job goes by another version of its own sheet, and by no other
            CREATE OR REPLACE FUNCTION go_by(job bigint, sheet bigint) RETURNS void LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
            BEGIN
                UPDATE jobs SET engine_sheet_id = sheet, updated_at = now()
                    FROM engine_sheets now_by, engine_sheets next
                    WHERE jobs.id = job AND now_by.id = jobs.engine_sheet_id AND next.id = sheet AND next.slug = now_by.slug;
                IF NOT FOUND THEN RAISE EXCEPTION 'A job goes by another version of its own sheet, and by no other.'; END IF;
            END $$;

            REVOKE ALL ON FUNCTION link(text, text, text), go_by(bigint, bigint) FROM PUBLIC;
            GRANT EXECUTE ON FUNCTION go_by(bigint, bigint) TO moltrek_app;
            REVOKE UPDATE, DELETE ON engine_sheets, jobs FROM moltrek_app;
            REVOKE DELETE ON users FROM moltrek_app;
            GRANT UPDATE (promised, bench, closed_at, updated_at) ON jobs TO moltrek_app;
            GRANT SELECT, INSERT ON photographs TO moltrek_app;
            GRANT SELECT ON shop_chain, shop_head TO moltrek_app;
            GRANT UPDATE (sealed, seal, key) ON shop_head TO moltrek_app;
            SQL);
        Seal::anew();
    }

    public function down(): void
    {
        DB::unprepared(<<<'SQL'
            DROP TRIGGER IF EXISTS log_entries_link ON log_entries; DROP TRIGGER IF EXISTS engine_sheets_link ON engine_sheets; DROP TRIGGER IF EXISTS jobs_link ON jobs;
            DROP TRIGGER IF EXISTS engine_sheets_keep ON engine_sheets;
            DROP TABLE IF EXISTS photographs, shop_chain, shop_head;
            DROP FUNCTION IF EXISTS go_by(bigint, bigint), link_entries(), link_row(), refuse_change(), link(text, text, text), chain_head(text, bigint, text, text, text),
                sheet_hash(text, bigint, json), job_hash(bigint, text, text, bigint), photograph_hash(uuid, text, integer, integer, integer);
            GRANT UPDATE, DELETE ON engine_sheets, jobs TO moltrek_app; GRANT DELETE ON users TO moltrek_app;
            SQL);
    }
};
