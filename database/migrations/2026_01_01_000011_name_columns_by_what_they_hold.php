<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('games', static fn (Blueprint $table) => $table->renameColumn('put_away_at', 'archived_at'));
        Schema::table('plays', static fn (Blueprint $table) => $table->renameColumn('pass', 'rejoin_words'));
    }

    public function down(): void
    {
        Schema::table('games', static fn (Blueprint $table) => $table->renameColumn('archived_at', 'put_away_at'));
        Schema::table('plays', static fn (Blueprint $table) => $table->renameColumn('rejoin_words', 'pass'));
    }
};
