<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('votes', function (Blueprint $table): void {
            // The keys it was sent with, the newest last: what is sent again decides nothing new.
            $table->text('keys')->nullable();
        });
        foreach (DB::table('ballots')->whereNull('closed_at')->get()->groupBy('play_id') as $open) {
            $open->count() > 1 && $this->join($open->pluck('id')->sortDesc()->values()->all());
        }
        DB::statement('create unique index ballots_open on ballots (play_id) where closed_at is null');
    }

    public function down(): void
    {
        DB::statement('drop index ballots_open');
        Schema::table('votes', fn (Blueprint $table) => $table->dropColumn('keys'));
    }

    /**
     * What was voted in any of them counts in the newest.
     *
     * @param  list<int>  $ballots  the newest first
     */
    private function join(array $ballots): void
    {
        $newest = array_shift($ballots);
        foreach ($ballots as $ballot) {
            $there = DB::table('votes')->where('ballot_id', $newest)->pluck('member_id');
            DB::table('votes')->where('ballot_id', $ballot)->whereNotIn('member_id', $there)
                ->update(['ballot_id' => $newest]);
            DB::table('ballots')->where('id', $ballot)->delete();
        }
    }
};
