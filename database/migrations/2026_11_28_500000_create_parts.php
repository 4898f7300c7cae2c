<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

// What the shelf keeps that belongs to no kit: guides, handles, anchors, boards.
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('parts', function (Blueprint $table) {
            $table->id();
            $table->string('key')->unique();
            $table->string('name');
            $table->string('kind');
            $table->json('document');
            $table->timestamps();
        });
        $file = json_decode((string) file_get_contents(resource_path('kits/parts.json')));
        foreach ($file->parts as $part) {
            DB::table('parts')->insert([
                'key' => Str::slug($part->name),
                'name' => $part->name,
                'kind' => $part->kind,
                'document' => json_encode($part),
                'created_at' => now(),
                'updated_at' => now(),
            ]);
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('parts');
    }
};
