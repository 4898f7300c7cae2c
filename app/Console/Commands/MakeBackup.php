<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\Backup;
use App\Keeping\Backups;
use App\Words\Speaker;
use Illuminate\Console\Command;

final class MakeBackup extends Command
{
    protected $signature = 'yoke:backup
        {folder? : one of your own; else where all of them are}
        {--nightly : only where none was made since yesterday}
        {--update : before the database is changed}';

    protected $description = 'Writes everything that was entered into one file, while people go on working';

    public function handle(): int
    {
        $folder = $this->argument('folder');
        $backups = $folder === null ? Backups::here() : new Backups((string) $folder);
        if ($this->option('nightly') && ! $backups->isDue()) {
            return self::SUCCESS;
        }
        $why = $this->option('nightly') ? 'nightly' : ($this->option('update') ? 'update' : 'asked');
        $this->line(Speaker::words('keeping.backed-up', ['path' => Backup::write($backups->folder, $why)]));
        // A folder of one's own is one's own to thin.
        $folder !== null || $backups->thin();

        return self::SUCCESS;
    }
}
