<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('edit_keys', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('game_id')->constrained()->cascadeOnDelete();
            // Chosen by the workshop: the same key twice counts once.
            $table->string('key', 40);
            $table->unsignedInteger('at');
            $table->unique(['game_id', 'key']);
            $table->index(['game_id', 'at']);
        });
    }

    public function down(): void
    {
        Schema::drop('edit_keys');
    }
};
