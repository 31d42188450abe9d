<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('plays', function (Blueprint $table): void {
            // Since when it calls the teacher.
            $table->unsignedInteger('called_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('plays', fn (Blueprint $table) => $table->dropColumn('called_at'));
    }
};
