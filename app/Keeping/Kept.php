<?php

declare(strict_types=1);

namespace App\Keeping;

use Closure;
use Illuminate\Support\Facades\Cache;

/**
 * What was worked out for a page, for as long as everything it hangs on is the same. What is kept is named by that, so
 * nothing in it is ever out of date; it lies where all that is kept is thrown away when the code changes.
 */
final class Kept
{
    private const DAYS = 7;

    /** How often, of things that are newly kept, it is looked whether they are too many. */
    private const LOOKS_AFTER = 100;

    /**
     * @template T
     *
     * @param  list<scalar|null>  $hangsOn  all that it is worked out of
     * @param  Closure(): T  $work
     * @return T
     */
    public static function of(string $what, array $hangsOn, Closure $work): mixed
    {
        $key = self::key($what, $hangsOn);
        $kept = Cache::get($key);
        if ($kept === null) {
            Cache::put($key, $kept = $work(), now()->addDays(self::DAYS));
            random_int(1, self::LOOKS_AFTER) > 1 || app()->terminating(fn () => CacheFolder::here()?->thin());
        }

        /** @var T */
        return $kept;
    }

    /** @param  list<scalar|null>  $hangsOn */
    public static function has(string $what, array $hangsOn): bool
    {
        return Cache::has(self::key($what, $hangsOn));
    }

    /** @param  list<scalar|null>  $hangsOn */
    private static function key(string $what, array $hangsOn): string
    {
        return "{$what} ".hash('xxh128', serialize($hangsOn));
    }
}
