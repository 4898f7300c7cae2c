<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\URL;

final class FirstLink extends Command
{
    protected $signature = 'yoke:first-link';

    protected $description = 'The link by which the first one here becomes the owner; nothing once there is one';

    public function handle(): int
    {
        if (User::query()->doesntExist()) {
            $this->line(config('app.url').URL::temporarySignedRoute('first', now()->addDay(), absolute: false));
        }

        return self::SUCCESS;
    }
}
