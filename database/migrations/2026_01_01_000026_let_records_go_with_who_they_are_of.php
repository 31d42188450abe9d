<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('records', function (Blueprint $table): void {
            $table->foreignUlid('play_id')->nullable()->index()->constrained()->cascadeOnDelete();
        });
        Schema::table('received_records', function (Blueprint $table): void {
            $table->foreignId('record_id')->nullable()->index()->constrained('records')->cascadeOnDelete();
        });
        DB::table('records')->orderBy('id')->chunkById(500, function ($records): void {
            foreach ($records as $record) {
                $play = json_decode($record->statement, true)['actor']['account']['name'] ?? null;
                DB::table('records')->where('id', $record->id)->whereExists(
                    DB::table('plays')->where('id', $play)->selectRaw('1'),
                )->update(['play_id' => $play]);
            }
        });
        DB::table('received_records')->update(['record_id' => DB::raw(
            '(select records.id from records where records.uuid = received_records.uuid)',
        )]);
    }

    public function down(): void
    {
        foreach (['received_records' => 'record_id', 'records' => 'play_id'] as $name => $column) {
            Schema::table($name, function (Blueprint $table) use ($column): void {
                $table->dropIndex([$column]);
                $table->dropConstrainedForeignId($column);
            });
        }
    }
};
