<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('play_times', function (Blueprint $table): void {
            $table->foreignUlid('play_id')->primary()->constrained()->cascadeOnDelete();
            // As far as the play had come when it was reckoned: what is done later makes it anew.
            $table->unsignedInteger('seq');
            // Lock → seconds until it opened.
            $table->json('seconds');
        });
    }

    public function down(): void
    {
        Schema::drop('play_times');
    }
};
