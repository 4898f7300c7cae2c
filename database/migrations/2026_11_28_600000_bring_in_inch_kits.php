<?php

declare(strict_types=1);

use App\Models\ShelfKit;
use App\Shelf;
use Illuminate\Database\Migrations\Migration;
use YokeLine\Format\Document;

// Kits that are sold in inches stand on the shelf beside those in millimetres.
return new class extends Migration
{
    public function up(): void
    {
        ShelfKit::bringIn(Document::fromJson((string) file_get_contents(Shelf::shippedFiles()[1])));
    }

    public function down(): void
    {
        ShelfKit::query()->where('document->units', 'in')->delete();
    }
};
