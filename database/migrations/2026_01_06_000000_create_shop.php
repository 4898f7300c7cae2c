<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What things cost here, by the key that a material has; and how the house reckons: currency, tax, what the
        // yard stocks.
        Schema::create('prices', function (Blueprint $table) {
            $table->id();
            $table->string('key', 120)->unique();
            $table->integer('cents');
            $table->timestamps();
        });
        Schema::create('shop_settings', function (Blueprint $table) {
            $table->id();
            $table->string('name', 40)->unique();
            $table->string('value', 200);
        });
        // An offer that was made and what became of it: never changed but for its acceptance.
        Schema::create('offers', function (Blueprint $table) {
            $table->id();
            $table->foreignId('doorway_id')->constrained();
            $table->foreignId('revision_id')->constrained();
            $table->integer('cents');
            $table->string('accepted_by', 120)->nullable();
            $table->timestamp('accepted_at')->nullable();
            $table->timestamp('created_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('offers');
        Schema::dropIfExists('shop_settings');
        Schema::dropIfExists('prices');
    }
};
