<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('runs', function (Blueprint $table): void {
            $table->boolean('gives_certificates')->default(false);
            $table->boolean('shows_wall')->default(false);
        });
        Schema::table('plays', function (Blueprint $table): void {
            // By which a teacher finds the play of a certificate.
            $table->string('certificate', 9)->nullable()->unique();
        });
        Schema::create('emblems', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('play_id')->unique()->constrained()->cascadeOnDelete();
            $table->json('design');
            $table->string('line', 120);
            // Of the line; an emblem is made of our own parts and needs none.
            $table->unsignedInteger('approved_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::drop('emblems');
        Schema::table('plays', function (Blueprint $table): void {
            $table->dropUnique(['certificate']);
            $table->dropColumn('certificate');
        });
        Schema::table('runs', fn (Blueprint $table) => $table->dropColumn(['gives_certificates', 'shows_wall']));
    }
};
