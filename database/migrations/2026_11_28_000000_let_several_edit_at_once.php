<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('revisions', function (Blueprint $table) {
            // The own change that this one takes back.
            $table->foreignId('undoes')->nullable()->constrained('revisions');
            $table->index(['doorway_id', 'browser']);
        });

        // What editors are told when they next open anything.
        Schema::create('notices', function (Blueprint $table) {
            $table->id();
            $table->string('browser')->index();
            $table->foreignId('doorway_id')->nullable()->constrained();
            $table->string('about');
            $table->string('says', 500);
            $table->json('put_back');
            $table->timestamp('created_at');
            $table->unique(['browser', 'doorway_id', 'about']);
        });

        // Every change of what has no revisions of its own: kits, prices, house rules. Rows are never changed.
        Schema::create('edits', function (Blueprint $table) {
            $table->id();
            $table->string('subject', 120);
            $table->string('place', 190);
            $table->json('before')->nullable();
            $table->json('after')->nullable();
            $table->string('who');
            $table->string('browser');
            $table->timestamp('created_at');
            $table->index(['subject', 'place']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('edits');
        Schema::dropIfExists('notices');
        Schema::table('revisions', function (Blueprint $table) {
            $table->dropIndex(['doorway_id', 'browser']);
            $table->dropConstrainedForeignId('undoes');
        });
    }
};
