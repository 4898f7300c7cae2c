<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Firm\Here;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\URL;

final class FirstLink extends Command
{
    protected $signature = 'yoke:first-link';

    protected $description = 'The link by which the first one here becomes the owner; nothing once there is one';

    public function handle(Here $here): int
    {
        if (User::query()->doesntExist()) {
            $path = URL::temporarySignedRoute('first', now()->addDay(), absolute: false);
            $this->line($here->address($path));
        }

        return self::SUCCESS;
    }
}
