<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const RUN = [
        'plays_as', 'groups', 'asks_address', 'opens_at', 'closes_at', 'zone', 'erase_on', 'shows_order',
        'gives_hints', 'plays_again',
    ];

    public function up(): void
    {
        Schema::table('runs', function (Blueprint $table): void {
            // `each`, `teams` or `class`.
            $table->string('plays_as', 8)->default('each');
            $table->json('groups')->nullable();
            $table->boolean('asks_address')->default(false);
            $table->unsignedInteger('opens_at')->nullable();
            $table->unsignedInteger('closes_at')->nullable();
            // In which its times were typed.
            $table->string('zone', 40)->default('UTC');
            $table->date('erase_on')->nullable()->index();
            $table->boolean('shows_order')->default(false);
            $table->boolean('gives_hints')->default(true);
            $table->boolean('plays_again')->default(true);
        });
        Schema::table('plays', function (Blueprint $table): void {
            $table->string('address', 120)->nullable();
            // In which order it finished, from 1.
            $table->unsignedInteger('place')->nullable();
        });
        Schema::create('members', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('play_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->unsignedInteger('joined_at');
            $table->index('play_id');
        });
        Schema::table('play_events', function (Blueprint $table): void {
            // Which of the team did it.
            $table->unsignedInteger('member')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('play_events', fn (Blueprint $table) => $table->dropColumn('member'));
        Schema::drop('members');
        Schema::table('plays', fn (Blueprint $table) => $table->dropColumn(['address', 'place']));
        Schema::table('runs', function (Blueprint $table): void {
            $table->dropIndex(['erase_on']);
            $table->dropColumn(self::RUN);
        });
    }
};
