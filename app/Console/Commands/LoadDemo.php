<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Job;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

final class LoadDemo extends Command
{
    protected $signature = 'yoke:demo';

    protected $description = 'Loads the demo job into a database that has no job yet';

    public function handle(DemoSeeder $demo): int
    {
        if (! Job::query()->exists()) {
            $demo->run();
        }

        return self::SUCCESS;
    }
}
