<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('runs', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('edition_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('game_id')->constrained()->cascadeOnDelete();
            $table->string('code', 12)->unique();
            $table->string('label');
            $table->boolean('asks_group')->default(false);
            $table->timestamp('closed_at')->nullable();
            $table->timestamps();
        });
        Schema::create('plays', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('run_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('name_key');
            $table->string('group')->nullable();
            $table->string('pass');
            // The number of the newest event; a write names the one it was judged on.
            $table->unsignedInteger('seq')->default(0);
            $table->text('state');
            $table->unsignedInteger('started_at');
            $table->unsignedInteger('acted_at');
            $table->unsignedInteger('ended_at')->nullable();
            $table->unique(['run_id', 'name_key']);
        });
        Schema::create('play_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('play_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('seq');
            // Chosen by the device: the same key twice counts once.
            $table->string('key', 40);
            $table->text('action');
            $table->text('events');
            $table->unsignedInteger('at');
            $table->unique(['play_id', 'seq']);
            $table->unique(['play_id', 'key']);
        });
    }

    public function down(): void
    {
        Schema::drop('play_events');
        Schema::drop('plays');
        Schema::drop('runs');
    }
};
