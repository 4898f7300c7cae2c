<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Kept as codes and values, as changes are.
        Schema::table('notices', fn (Blueprint $table) => $table->text('says')->change());
    }

    public function down(): void
    {
        Schema::table('notices', fn (Blueprint $table) => $table->string('says', 500)->change());
    }
};
