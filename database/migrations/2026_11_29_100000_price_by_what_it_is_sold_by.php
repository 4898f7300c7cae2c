<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A piece, a foot, a board foot, a quart: as `SoldBy` has it.
        Schema::table('prices', fn (Blueprint $table) => $table->string('per', 8)->default(''));
    }

    public function down(): void
    {
        Schema::table('prices', fn (Blueprint $table) => $table->dropColumn('per'));
    }
};
