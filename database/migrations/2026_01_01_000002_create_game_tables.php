<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('games', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->string('title');
            $table->longText('document');
            $table->unsignedInteger('revision')->default(1);
            $table->timestamp('put_away_at')->nullable();
            $table->timestamps();
        });
        Schema::create('changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('game_id')->constrained()->cascadeOnDelete();
            // The revision that the change, its undoing or its redoing last made.
            $table->unsignedInteger('revision');
            $table->longText('command');
            $table->longText('inverse');
            $table->text('touches');
            $table->string('label');
            $table->boolean('undone')->default(false);
            // Undone and then overtaken by another change: it can't be redone, and still counts as a change since.
            $table->boolean('dropped')->default(false);
            $table->timestamp('created_at');
            $table->index(['game_id', 'revision']);
        });
        Schema::create('editions', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('game_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->string('hash', 64)->index();
            $table->longText('document');
            $table->timestamp('created_at');
            $table->unique(['game_id', 'number']);
        });
    }

    public function down(): void
    {
        Schema::drop('editions');
        Schema::drop('changes');
        Schema::drop('games');
    }
};
