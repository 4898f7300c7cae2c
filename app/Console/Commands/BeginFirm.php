<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Firm\Here;
use App\Firm\Role;
use App\Models\Firm;
use App\Models\Invitation;
use Illuminate\Console\Command;

final class BeginFirm extends Command
{
    protected $signature = 'yoke:firm {name}';

    protected $description = 'Begins another firm on this host, and prints the invitation of its owner';

    public function handle(Here $here): int
    {
        $firm = Firm::begin((string) $this->argument('name'));
        $token = $here->within($firm->id, fn () => Invitation::write(Role::Owner, $firm->name));
        $this->line($here->address(route('invited', $token, false)));

        return self::SUCCESS;
    }
}
