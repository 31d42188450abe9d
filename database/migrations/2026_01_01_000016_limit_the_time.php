<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('runs', function (Blueprint $table): void {
            $table->unsignedInteger('minutes')->nullable();
        });
        Schema::table('plays', function (Blueprint $table): void {
            // Seconds beyond the limit: given by the teacher, or spent while all rested.
            $table->integer('extra')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('plays', function (Blueprint $table): void {
            $table->dropColumn('extra');
        });
        Schema::table('runs', function (Blueprint $table): void {
            $table->dropColumn('minutes');
        });
    }
};
