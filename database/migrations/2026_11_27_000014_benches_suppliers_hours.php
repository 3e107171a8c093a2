<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** The shop's benches and who it buys from; when a person works, where that is not when the shop is open; where a machine stands. */
    public function up(): void
    {
        Schema::table('shop', function (Blueprint $table): void {
            $table->json('benches')->default('[]')->comment('their names');
            $table->json('suppliers')->default('[]')->comment('a name and the open days until a part comes');
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->json('hours')->nullable()->comment('ranges by day; null for those of the shop');
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->string('bench')->nullable();
        });
        DB::unprepared('GRANT SELECT, INSERT, UPDATE ON jobs, users, shop TO moltrek_app');
    }

    public function down(): void
    {
        foreach (['shop' => ['benches', 'suppliers'], 'users' => ['hours'], 'jobs' => ['bench']] as $name => $columns) {
            Schema::table($name, static fn (Blueprint $table) => $table->dropColumn($columns));
        }
    }
};
