<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What is to be looked at again after machines went out: derived from their logs, so that nobody has to replay closed jobs. */
    public function up(): void
    {
        Schema::create('rechecks', function (Blueprint $table): void {
            $table->string('id', 80)->primary();
            $table->foreignId('job_id')->constrained('jobs');
            $table->string('what');
            $table->string('machine');
            $table->string('owner');
            $table->date('due')->index();
        });
        DB::unprepared('GRANT SELECT, INSERT, UPDATE, DELETE ON rechecks TO moltrek_app');
    }

    public function down(): void
    {
        Schema::dropIfExists('rechecks');
    }
};
