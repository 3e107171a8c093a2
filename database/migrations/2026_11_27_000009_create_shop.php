<?php

use App\Calculations\JsonText;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What the shop is: one row. And of its people: who may no longer sign in, and who has been given a code to begin with. */
    public function up(): void
    {
        Schema::create('shop', function (Blueprint $table): void {
            $table->unsignedSmallInteger('id')->primary();
            $table->string('name');
            $table->string('zone');
            $table->json('hours')->comment('ranges by day, as "08:00-12:00"');
            $table->json('units')->comment('the unit that people think in, by dimension');
            $table->boolean('practice')->default(true)->comment('whether the shop for practice is kept beside it');
            $table->timestampTz('begun_at');
        });
        DB::unprepared('ALTER TABLE shop ADD CONSTRAINT shop_is_one CHECK (id = 1); GRANT SELECT, INSERT, UPDATE ON shop TO moltrek_app');
        Schema::table('users', function (Blueprint $table): void {
            $table->timestampTz('disabled_at')->nullable();
            $table->string('code_hash', 64)->nullable()->unique()->comment('of a code, given once, by which a person sets their password');
            $table->timestampTz('code_until')->nullable();
        });
        // a shop from before had its name and hours in the configuration
        if (DB::table('users')->exists()) {
            DB::table('shop')->insert([
                'id' => 1, 'name' => env('SHOP_NAME', 'Brannoch Slip Engine Room'), 'zone' => env('SHOP_ZONE', 'Europe/London'),
                'hours' => JsonText::encode(array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], ['08:00-12:00', '13:00-17:00']) + ['sat' => ['08:00-12:00']]),
                'units' => JsonText::encode((object) []), 'begun_at' => now(),
            ]);
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('shop');
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn(['disabled_at', 'code_hash', 'code_until']);
        });
    }
};
