<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Tablets of the shop on which people take the bench over by a PIN, and the PINs' hashes. */
    public function up(): void
    {
        Schema::create('devices', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('name');
            $table->string('secret_hash', 64);
            $table->foreignId('enrolled_by')->constrained('users');
            $table->timestampTz('enrolled_at');
            $table->timestampTz('revoked_at')->nullable();
            $table->timestampTz('seen_at')->nullable();
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->string('pin_hash')->nullable();
        });
        DB::unprepared('GRANT SELECT, INSERT, UPDATE ON devices TO moltrek_app');
    }

    public function down(): void
    {
        Schema::dropIfExists('devices');
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn('pin_hash');
        });
    }
};
