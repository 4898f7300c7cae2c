<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What a scanner sent of a doorway's wall, the newest counts; and its shape, small enough to draw on every
        // page.
        Schema::create('traces', function (Blueprint $table) {
            $table->id();
            $table->foreignId('doorway_id')->constrained();
            $table->text('csv');
            $table->json('profile');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('traces');
    }
};
