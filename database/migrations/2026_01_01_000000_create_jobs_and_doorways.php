<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('jobs', function (Blueprint $table) {
            $table->id();
            $table->string('name');
            $table->timestamp('archived_at')->nullable()->index();
            $table->timestamps();
        });

        Schema::create('doorways', function (Blueprint $table) {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->string('name')->index();
            // What lists show and search, taken from the current revision when it is recorded.
            $table->string('verdict');
            $table->string('summary');
            $table->foreignId('revision_id')->nullable();
            $table->timestamp('archived_at')->nullable()->index();
            $table->timestamps();
        });

        // Rows that are never changed: undo and redo only move doorways.revision_id along them.
        Schema::create('revisions', function (Blueprint $table) {
            $table->id();
            $table->foreignId('doorway_id')->constrained();
            $table->foreignId('parent_id')->nullable()->index()->constrained('revisions');
            $table->unsignedInteger('number');
            $table->json('document');
            $table->string('what');
            $table->string('who');
            $table->string('browser');
            $table->timestamp('created_at');
            $table->unique(['doorway_id', 'number']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('revisions');
        Schema::dropIfExists('doorways');
        Schema::dropIfExists('jobs');
    }
};
