<?php

declare(strict_types=1);

namespace App\Firm;

use App\Words\Speaker;

/** What somebody is in a firm. */
enum Role: string
{
    case Owner = 'owner';
    case Planner = 'planner';
    case Installer = 'installer';

    public function may(Ability $ability): bool
    {
        return match ($this) {
            self::Owner => true,
            self::Planner => $ability !== Ability::Own,
            self::Installer => $ability === Ability::See || $ability === Ability::Record,
        };
    }

    public function says(): string
    {
        return Speaker::words("firm.roles.{$this->value}");
    }
}
