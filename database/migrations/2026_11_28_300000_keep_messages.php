<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What is kept as codes and values takes more room than a sentence; what was kept as text is read as it stands.
        Schema::table('revisions', fn (Blueprint $table) => $table->text('what')->change());
        Schema::table('doorways', fn (Blueprint $table) => $table->text('summary')->change());
        Schema::table('doorways', fn (Blueprint $table) => $table->text('next')->default('')->change());
    }

    public function down(): void
    {
        Schema::table('doorways', fn (Blueprint $table) => $table->string('next', 120)->default('')->change());
        Schema::table('doorways', fn (Blueprint $table) => $table->string('summary')->change());
        Schema::table('revisions', fn (Blueprint $table) => $table->string('what')->change());
    }
};
