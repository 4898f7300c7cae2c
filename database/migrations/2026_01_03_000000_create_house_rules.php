<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('house_rules', function (Blueprint $table) {
            $table->id();
            // The company's own where there is no job.
            $table->foreignId('job_id')->nullable()->constrained();
            $table->string('method');
            $table->string('value');
            $table->string('why');
            $table->timestamps();
            $table->unique(['job_id', 'method']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('house_rules');
    }
};
