<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What every list asks of a house with ten thousand doorways: those of which nobody has worked out what they wait for,
 * the newest first, mostly none; and when a job was last changed.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('doorways', fn (Blueprint $table) => $table->index(['archived_at', 'waits_for', 'updated_at']));
        Schema::table('jobs', fn (Blueprint $table) => $table->index(['firm_id', 'updated_at']));
    }

    public function down(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->dropIndex(['firm_id', 'updated_at']));
        Schema::table('doorways', function (Blueprint $table) {
            $table->dropIndex(['archived_at', 'waits_for', 'updated_at']);
        });
    }
};
