<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('shelf', function (Blueprint $table): void {
            $table->string('part')->comment('as the plan calls it');
            $table->string('fits')->default('')->comment('the sheet of the engine it is made for; empty for any');
            $table->unsignedInteger('count');
            $table->primary(['part', 'fits']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('shelf');
    }
};
