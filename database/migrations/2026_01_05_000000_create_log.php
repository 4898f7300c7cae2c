<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What happened at a doorway. Rows are never changed; what holds now is what was said last. Whoever enters one
        // names it, so that what is sent twice stands once.
        Schema::create('log_entries', function (Blueprint $table) {
            $table->id();
            $table->foreignId('doorway_id')->constrained();
            $table->foreignId('revision_id')->constrained();
            $table->string('uid', 40);
            $table->string('kind', 20);
            $table->string('about', 80);
            $table->json('data');
            $table->string('who', 80);
            $table->timestamp('at');
            $table->unique(['doorway_id', 'uid']);
            $table->index(['doorway_id', 'kind', 'about']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('log_entries');
    }
};
