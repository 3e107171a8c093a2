<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('engine_sheets', function (Blueprint $table): void {
            $table->id();
            $table->string('slug');
            $table->unsignedInteger('version');
            $table->json('document')->comment('as it was written, keys in their order');
            $table->timestampsTz();
            $table->unique(['slug', 'version']);
        });

        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->unsignedInteger('number')->unique();
            $table->foreignId('engine_sheet_id')->constrained();
            $table->string('owner');
            $table->date('promised')->nullable();
            $table->timestampTz('closed_at')->nullable()->index();
            $table->timestampsTz();
        });

        Schema::create('log_entries', function (Blueprint $table): void {
            $table->bigIncrements('seq');
            $table->uuid('id')->unique();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('kind');
            $table->jsonb('payload');
            $table->timestampTz('happened_at', 6);
            $table->timestampTz('recorded_at', 6);
            $table->index(['job_id', 'seq']);
        });

        // What the floor shows of a job, as replayed up to last_seq. Derived: it may be thrown away at any time.
        Schema::create('job_summaries', function (Blueprint $table): void {
            $table->foreignId('job_id')->primary()->constrained();
            $table->unsignedBigInteger('last_seq');
            $table->date('day');
            $table->boolean('workable');
            $table->timestampTz('until')->nullable()->comment('when a running wait changes it');
            $table->text('summary')->comment('JSON as the floor sends it');
        });

        DB::unprepared(<<<'SQL'
            CREATE OR REPLACE FUNCTION refuse_log_change() RETURNS trigger LANGUAGE plpgsql AS $$
            BEGIN
                RAISE EXCEPTION 'The log is append-only: % is refused. Strike the entry out with a new one.', TG_OP;
            END $$;
            CREATE TRIGGER log_entries_keep BEFORE UPDATE OR DELETE ON log_entries FOR EACH ROW EXECUTE FUNCTION refuse_log_change();
            CREATE TRIGGER log_entries_keep_all BEFORE TRUNCATE ON log_entries FOR EACH STATEMENT EXECUTE FUNCTION refuse_log_change();
            SQL);
    }

    public function down(): void
    {
        Schema::dropIfExists('job_summaries');
        Schema::dropIfExists('log_entries');
        Schema::dropIfExists('jobs');
        Schema::dropIfExists('engine_sheets');
        DB::unprepared('DROP FUNCTION IF EXISTS refuse_log_change()');
    }
};
