<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // How far a doorway is, for the board: worked when it is looked at, gone when something changes.
        Schema::table('doorways', function (Blueprint $table) {
            $table->string('waits_for', 20)->nullable()->index();
            $table->string('next', 120)->default('');
            $table->unsignedInteger('snags')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('doorways', fn (Blueprint $table) => $table->dropColumn(['waits_for', 'next', 'snags']));
    }
};
