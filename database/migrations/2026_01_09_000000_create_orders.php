<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What was ordered for a job under a name of its own, so that sending it again never doubles it.
        Schema::create('orders', function (Blueprint $table) {
            $table->id();
            $table->foreignId('job_id')->constrained();
            $table->string('reference', 40)->unique();
            $table->json('lines');
            $table->boolean('is_answered')->default(false);
            $table->timestamps();
        });
        // What came of it and what went back: rows are never changed.
        Schema::create('receipts', function (Blueprint $table) {
            $table->id();
            $table->foreignId('order_id')->constrained();
            $table->string('delivery', 60);
            $table->string('key', 120);
            $table->decimal('count', 8, 1);
            $table->string('kind', 12);
            $table->timestamp('created_at');
            $table->unique(['order_id', 'delivery', 'kind']);
        });
        // The simulated supplier's own book.
        Schema::create('supplier_books', function (Blueprint $table) {
            $table->id();
            $table->string('reference', 40)->unique();
            $table->json('lines');
            $table->unsignedInteger('asked')->default(0);
            $table->timestamp('taken_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('supplier_books');
        Schema::dropIfExists('receipts');
        Schema::dropIfExists('orders');
    }
};
