<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('editions', function (Blueprint $table): void {
            // The hash of the draft it was frozen from, and which ids of that draft became which.
            $table->string('source', 64)->nullable();
            $table->longText('renamed')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('editions', function (Blueprint $table): void {
            $table->dropColumn(['source', 'renamed']);
        });
    }
};
