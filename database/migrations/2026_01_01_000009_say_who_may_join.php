<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('runs', function (Blueprint $table): void {
            // The names of the class, where only these may join; and whether anybody new may at all.
            $table->json('names')->nullable();
            $table->boolean('takes_new')->default(true);
        });
    }

    public function down(): void
    {
        Schema::table('runs', function (Blueprint $table): void {
            $table->dropColumn(['names', 'takes_new']);
        });
    }
};
