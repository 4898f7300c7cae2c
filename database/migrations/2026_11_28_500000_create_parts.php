<?php

declare(strict_types=1);

use App\Models\ShelfPart;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;
use YokeLine\Format\Document;

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
        ShelfPart::bringIn(
            Document::fromJson((string) file_get_contents(resource_path('kits/parts.json'))),
        );
    }

    public function down(): void
    {
        Schema::dropIfExists('parts');
    }
};
