<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Who works when on a job, which of its doorways, and what was set by hand.
        Schema::table('jobs', fn (Blueprint $table) => $table->json('day_plan')->nullable());
    }

    public function down(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn('day_plan'));
    }
};
