<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What of the shop shows on the bench of a job, beside its log: with any change of it every kept answer is old. */
    private const SHOWS = [
        'instruments' => 'INSERT OR UPDATE OR DELETE', 'shelf' => 'INSERT OR UPDATE OR DELETE', 'habits' => 'INSERT OR UPDATE OR DELETE',
        'engine_sheets' => 'INSERT OR UPDATE OR DELETE', 'shop' => 'INSERT OR UPDATE OR DELETE', 'jobs' => 'INSERT OR UPDATE OR DELETE',
        'users' => 'INSERT OR UPDATE OF name, initials, role, disabled_at OR DELETE',
    ];

    /** The bench of a job as it was last sent. Derived from the log: it may be thrown away at any time. */
    public function up(): void
    {
        Schema::create('job_answers', function (Blueprint $table): void {
            $table->foreignId('job_id')->primary();
            $table->string('key')->comment('last entry, sheet, day and revision of the shop that it was made from');
            $table->timestampTz('until')->nullable()->comment('when a running wait changes it');
            $table->text('answer');
        });
        DB::unprepared('ALTER TABLE job_answers SET UNLOGGED; ALTER TABLE job_summaries SET UNLOGGED; GRANT SELECT, INSERT, UPDATE, DELETE ON job_answers TO moltrek_app;
            CREATE TABLE shop_revision (revision bigint NOT NULL); INSERT INTO shop_revision VALUES (1); GRANT SELECT, UPDATE ON shop_revision TO moltrek_app;
            CREATE OR REPLACE FUNCTION shop_changed() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN UPDATE shop_revision SET revision = revision + 1; RETURN NULL; END $$');
        foreach (self::SHOWS as $table => $events) {
            DB::unprepared("CREATE TRIGGER {$table}_shows AFTER $events ON $table FOR EACH STATEMENT EXECUTE FUNCTION shop_changed()");
        }
    }

    public function down(): void
    {
        foreach (array_keys(self::SHOWS) as $table) {
            DB::unprepared("DROP TRIGGER IF EXISTS {$table}_shows ON $table");
        }
        DB::unprepared('DROP FUNCTION IF EXISTS shop_changed(); DROP TABLE IF EXISTS shop_revision');
        Schema::dropIfExists('job_answers');
    }
};
