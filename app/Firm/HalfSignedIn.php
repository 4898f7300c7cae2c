<?php

declare(strict_types=1);

namespace App\Firm;

use App\Models\User;
use Illuminate\Contracts\Session\Session;

/** Somebody whose password was right, and who has a second step before them. It lasts five minutes. */
final class HalfSignedIn
{
    private const KEY = 'sign-in.half';

    private const LASTS_S = 300;

    public static function keep(Session $session, User $person): void
    {
        $session->put(self::KEY, [$person->id, now()->getTimestamp() + self::LASTS_S]);
    }

    public static function of(Session $session): ?User
    {
        $half = $session->get(self::KEY);

        /** @var ?User */
        return is_array($half) && is_int($half[1] ?? null) && $half[1] > now()->getTimestamp()
            ? User::query()->stillHere()->whereKey($half[0] ?? 0)->first()
            : null;
    }

    public static function forget(Session $session): void
    {
        $session->forget(self::KEY);
    }
}
