<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('members', function (Blueprint $table): void {
            // The lock that is answered on this device, and since when it is known.
            $table->string('holds', 64)->nullable();
            $table->unsignedInteger('held_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('members', fn (Blueprint $table) => $table->dropColumn(['holds', 'held_at']));
    }
};
