<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('marks', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('play_id')->constrained()->cascadeOnDelete();
            $table->string('lock', 60);
            // `good`, `fair` or `again`; none where only words were written.
            $table->string('mark', 8)->nullable();
            $table->text('words');
            $table->unsignedInteger('at');
            $table->unique(['play_id', 'lock']);
        });
    }

    public function down(): void
    {
        Schema::drop('marks');
    }
};
