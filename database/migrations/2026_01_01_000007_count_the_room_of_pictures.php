<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('pictures', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('game_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('user_id')->index()->constrained()->cascadeOnDelete();
            $table->string('file', 80);
            $table->unsignedInteger('bytes');
            $table->unique(['game_id', 'file']);
        });
    }

    public function down(): void
    {
        Schema::drop('pictures');
    }
};
