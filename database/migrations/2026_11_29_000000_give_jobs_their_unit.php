<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->string('units', 2)->default('mm'));
        // A job that was there before speaks as its first doorway does.
        foreach (DB::table('jobs')->pluck('id') as $job) {
            $document = DB::table('doorways')
                ->join('revisions', 'revisions.id', 'doorways.revision_id')
                ->where('doorways.job_id', $job)
                ->orderBy('doorways.id')
                ->value('revisions.document');
            $units = json_decode(is_string($document) ? $document : '{}')->units ?? 'mm';
            DB::table('jobs')
                ->where('id', $job)
                ->update(['units' => $units === 'in' ? 'in' : 'mm']);
        }
    }

    public function down(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn('units'));
    }
};
