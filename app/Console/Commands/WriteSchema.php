<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use YokeLine\Catalog\Schema;

final class WriteSchema extends Command
{
    protected $signature = 'yoke:schema';

    protected $description = 'Writes the published schema anew from the catalogue of fields';

    public function handle(): int
    {
        file_put_contents(public_path('schema/doorway-v1.schema.json'), Schema::doorway());

        return self::SUCCESS;
    }
}
