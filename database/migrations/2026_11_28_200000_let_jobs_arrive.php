<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Since when a job is being brought in: no list shows it till all of it is here.
        Schema::table('jobs', fn (Blueprint $table) => $table->timestamp('arriving_since')->nullable()->index());
    }

    public function down(): void
    {
        Schema::table('jobs', function (Blueprint $table) {
            $table->dropIndex(['arriving_since']);
            $table->dropColumn('arriving_since');
        });
    }
};
