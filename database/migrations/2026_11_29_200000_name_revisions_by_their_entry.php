<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What was entered without a connection is sent again until it is known to have arrived.
        Schema::table('revisions', function (Blueprint $table) {
            $table->string('uid', 40)->nullable();
            $table->index('uid');
        });
    }

    public function down(): void
    {
        Schema::table('revisions', function (Blueprint $table) {
            $table->dropIndex(['uid']);
            $table->dropColumn('uid');
        });
    }
};
