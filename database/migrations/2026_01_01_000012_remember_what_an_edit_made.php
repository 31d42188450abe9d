<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('edit_keys', function (Blueprint $table): void {
            // What the workshop is told when a reply was lost: which of the revisions since was its own.
            $table->unsignedInteger('revision')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('edit_keys', function (Blueprint $table): void {
            $table->dropColumn('revision');
        });
    }
};
