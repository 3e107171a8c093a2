<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('habits', function (Blueprint $table): void {
            $table->string('matter')->primary();
            $table->string('school')->comment('how this shop does it unless a sheet or somebody on the build says otherwise');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('habits');
    }
};
