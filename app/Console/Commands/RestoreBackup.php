<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\NotRestored;
use App\Keeping\Restore;
use App\Plain;
use App\Words\Speaker;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

final class RestoreBackup extends Command
{
    protected $signature = 'yoke:restore {file}';

    protected $description = 'Brings a backup back, once it is proved whole; what was there is kept beside it';

    public function handle(): int
    {
        $database = Plain::text(DB::connection()->getConfig('database'));
        try {
            $aside = Restore::of(Plain::text($this->argument('file')))->into($database, config()->string('app.photos'));
        } catch (NotRestored $problem) {
            $this->error($problem->getMessage());

            return self::FAILURE;
        }
        // A backup of an earlier version is brought up to this one.
        Artisan::call('migrate', ['--force' => true]);
        $this->line(Speaker::words('keeping.restored'));
        $aside === null || $this->line(Speaker::words('keeping.aside', ['path' => $aside]));

        return self::SUCCESS;
    }
}
