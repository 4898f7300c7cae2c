<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Walls that somebody practises on, and what each answer was worth. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('practice_rounds', function (Blueprint $table) {
            $table->id();
            $table->foreignId('firm_id')->default(1)->constrained();
            $table->foreignId('user_id')->nullable()->constrained();
            // By account, or by browser where nobody signs in; and what they were called.
            $table->string('learner', 40);
            $table->string('name', 60);
            $table->string('level', 12);
            $table->unsignedInteger('seed');
            $table->string('units', 2);
            // What is so and what a tape reads there, kept: a later way of making walls changes no round.
            $table->longText('truth')->nullable();
            $table->longText('measured')->nullable();
            $table->json('places');
            $table->boolean('is_swept')->default(false);
            $table->json('answers')->nullable();
            $table->timestamp('done_at')->nullable();
            $table->timestamps();
            $table->index(['firm_id', 'learner']);
        });
        Schema::create('practice_marks', function (Blueprint $table) {
            $table->id();
            $table->foreignId('firm_id')->default(1)->constrained();
            $table->foreignId('practice_round_id')->constrained();
            $table->string('learner', 40);
            $table->string('skill', 12);
            $table->string('ask', 20);
            $table->boolean('is_right');
            $table->string('slip', 24)->nullable();
            $table->timestamp('created_at');
            $table->index(['firm_id', 'learner', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('practice_marks');
        Schema::dropIfExists('practice_rounds');
    }
};
