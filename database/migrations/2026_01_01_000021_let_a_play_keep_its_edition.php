<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('plays', function (Blueprint $table): void {
            // The one it was begun in, where that of its run is a later one that would break it.
            $table->foreignUlid('edition_id')->nullable()->constrained();
        });
    }

    public function down(): void
    {
        Schema::table('plays', fn (Blueprint $table) => $table->dropConstrainedForeignId('edition_id'));
    }
};
