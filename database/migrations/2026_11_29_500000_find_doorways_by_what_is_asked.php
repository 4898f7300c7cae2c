<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What lists and the board ask by: a house with ten thousand doorways is looked through by none of them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('doorways', function (Blueprint $table) {
            $table->index(['job_id', 'archived_at']);
            $table->index('updated_at');
            $table->index(['archived_at', 'updated_at']);
            $table->index('revision_id');
            // Stands before, and has in it all that the board counts.
            $table->index(['archived_at', 'waits_for', 'snags', 'job_id'], 'doorways_counted_index');
            $table->dropIndex(['archived_at']);
        });
        Schema::table('jobs', fn (Blueprint $table) => $table->index(['firm_id', 'archived_at', 'arriving_since']));
    }

    public function down(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->dropIndex(['firm_id', 'archived_at', 'arriving_since']));
        Schema::table('doorways', function (Blueprint $table) {
            $table->index('archived_at');
            $table->dropIndex('doorways_counted_index');
            $table->dropIndex(['revision_id']);
            $table->dropIndex(['archived_at', 'updated_at']);
            $table->dropIndex(['updated_at']);
            $table->dropIndex(['job_id', 'archived_at']);
        });
    }
};
