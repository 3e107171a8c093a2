<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->string('username')->unique();
            $table->string('name');
            $table->string('initials', 4)->unique();
            $table->string('role');
            $table->string('password');
            $table->string('calendar_key', 40)->nullable()->unique()->comment('the secret part of the address of this person\'s calendar');
            $table->rememberToken();
            $table->timestampsTz();
        });

        Schema::create('instruments', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->string('name');
            $table->string('kind');
            $table->string('doubt')->nullable()->comment('expanded, as a quantity with its unit');
            $table->string('fixed')->nullable()->comment('the part of the doubt that all its readings share');
            $table->jsonb('leaves')->default('[]');
            $table->string('range')->nullable();
            $table->string('resolution')->nullable();
            $table->date('checked_on')->nullable();
            $table->date('next_check')->nullable();
            $table->boolean('simulated')->default(false);
            $table->timestampsTz();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('instruments');
        Schema::dropIfExists('users');
    }
};
