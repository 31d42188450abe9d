<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const INDEXES = ['games' => ['user_id'], 'runs' => ['game_id', 'edition_id']];

    public function up(): void
    {
        foreach (self::INDEXES as $table => $columns) {
            Schema::table($table, fn (Blueprint $blueprint) => array_map($blueprint->index(...), $columns));
        }
    }

    public function down(): void
    {
        foreach (self::INDEXES as $table => $columns) {
            Schema::table(
                $table,
                fn (Blueprint $blueprint) => array_map(
                    fn (string $column) => $blueprint->dropIndex([$column]), $columns,
                ),
            );
        }
    }
};
