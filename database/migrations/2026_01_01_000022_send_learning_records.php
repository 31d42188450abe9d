<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // On their way to the receiver.
        Schema::create('records', function (Blueprint $table): void {
            $table->id();
            $table->uuid('uuid')->unique();
            $table->foreignUlid('run_id')->constrained()->cascadeOnDelete();
            $table->text('statement');
            $table->unsignedInteger('tries')->default(0);
            $table->unsignedInteger('next_at');
            $table->unsignedInteger('sent_at')->nullable();
            $table->index(['sent_at', 'next_at']);
        });
        // What the receiver inside the application has taken.
        Schema::create('received_records', function (Blueprint $table): void {
            $table->id();
            $table->uuid('uuid')->unique();
            $table->text('statement');
            $table->unsignedInteger('at');
        });
    }

    public function down(): void
    {
        Schema::drop('received_records');
        Schema::drop('records');
    }
};
