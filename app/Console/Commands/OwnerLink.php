<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Firm\Here;
use App\Firm\Role;
use App\Models\Invitation;
use App\Models\User;
use App\Words\Speaker;
use Illuminate\Console\Command;

/** Whoever holds the machine can let an owner in again who has lost the password. */
final class OwnerLink extends Command
{
    protected $signature = 'yoke:owner {email? : which owner, where there are several}';

    protected $description = 'Prints a link by which an owner sets a new password';

    public function handle(Here $here): int
    {
        $email = $this->argument('email');
        /** @var ?User $owner */
        $owner = User::query()
            ->stillHere()
            ->where('role', Role::Owner)
            ->when(is_string($email), fn ($owners) => $owners->where('email', User::plain((string) $email)))
            ->orderBy('id')
            ->first();
        if ($owner === null) {
            $this->error(Speaker::words('firm.no-owner'));

            return self::FAILURE;
        }
        $token = $here->within($owner->firm_id, fn () => Invitation::write(Role::Owner, $owner->name, $owner));
        $this->line("{$owner->email}: ".$here->address(route('invited', $token, false)));

        return self::SUCCESS;
    }
}
