<?php

declare(strict_types=1);

use App\Shelf;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use YokeLine\Format\Document;

// Kits that are sold in inches stand on the shelf beside those in millimetres.
return new class extends Migration
{
    public function up(): void
    {
        foreach (
            Shelf::sheets(Document::fromJson((string) file_get_contents(Shelf::shippedFiles()[1]))) as $key => $sheet
        ) {
            DB::table('kits')->insertOrIgnore([
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
        DB::table('kits')->where('document->units', 'in')->delete();
    }
};
