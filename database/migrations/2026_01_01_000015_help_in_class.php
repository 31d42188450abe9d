<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('plays', function (Blueprint $table): void {
            // When it last came to another scene or opened something.
            $table->unsignedInteger('progressed_at')->default(0);
        });
        DB::table('plays')->update(['progressed_at' => DB::raw('acted_at')]);
        Schema::create('notes', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('play_id')->constrained()->cascadeOnDelete();
            $table->text('words');
            $table->unsignedInteger('at');
            $table->index(['play_id', 'id']);
        });
        Schema::table('runs', function (Blueprint $table): void {
            $table->timestamp('paused_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('runs', function (Blueprint $table): void {
            $table->dropColumn('paused_at');
        });
        Schema::drop('notes');
        Schema::table('plays', function (Blueprint $table): void {
            $table->dropColumn('progressed_at');
        });
    }
};
