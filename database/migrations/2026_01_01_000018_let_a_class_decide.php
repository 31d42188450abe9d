<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('ballots', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('play_id')->constrained()->cascadeOnDelete();
            // Key of a vote → hands that were raised for it and counted.
            $table->json('hands');
            $table->unsignedInteger('opened_at');
            $table->unsignedInteger('closed_at')->nullable();
            // Once it is closed: where the play was, what was done, and how many were for what.
            $table->text('state')->nullable();
            $table->text('result')->nullable();
            $table->text('counts')->nullable();
            $table->index(['play_id', 'closed_at']);
        });
        Schema::create('votes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('ballot_id')->constrained()->cascadeOnDelete();
            $table->foreignId('member_id')->constrained()->cascadeOnDelete();
            $table->string('key', 64);
            $table->text('action');
            $table->unsignedInteger('at');
            $table->unique(['ballot_id', 'member_id']);
        });
    }

    public function down(): void
    {
        Schema::drop('votes');
        Schema::drop('ballots');
    }
};
