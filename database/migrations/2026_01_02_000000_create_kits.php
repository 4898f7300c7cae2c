<?php

declare(strict_types=1);

use App\Shelf;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use YokeLine\Format\Document;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('kits', function (Blueprint $table) {
            $table->id();
            $table->string('key')->unique();
            $table->string('name');
            $table->json('document');
            $table->timestamps();
        });
        foreach (
            Shelf::sheets(Document::fromJson((string) file_get_contents(Shelf::shippedFiles()[0]))) as $key => $sheet
        ) {
            DB::table('kits')->insert([
                'key' => $key,
                'name' => (string) $sheet->get('name'),
                'document' => $sheet->toJson(),
                'created_at' => now(),
                'updated_at' => now(),
            ]);
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('kits');
    }
};
