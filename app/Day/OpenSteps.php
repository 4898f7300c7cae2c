<?php

declare(strict_types=1);

namespace App\Day;

use App\Keeping\Kept;
use App\Models\Doorway;
use App\Models\LogEntry;
use App\Site\SiteRun;
use Illuminate\Support\Collection;
use YokeLine\Work\Step;

/** What is still to be done at a doorway: worked once, and anew where its plan changes or something is told on site. */
final class OpenSteps
{
    /** @return array<string, Step> none where nothing can be planned yet */
    public static function of(Doorway $doorway): array
    {
        return Kept::of('open-steps', self::hangOn($doorway), function () use ($doorway): array {
            if ($doorway->setout(null)->plan === null) {
                return [];
            }
            $run = new SiteRun($doorway, null);

            return array_filter($run->steps, fn (string $id) => $run->state($id) === 'open', ARRAY_FILTER_USE_KEY);
        });
    }

    public static function areKept(Doorway $doorway): bool
    {
        return Kept::has('open-steps', self::hangOn($doorway));
    }

    /**
     * Works them out for as long as it may take.
     *
     * @param  Collection<int, Doorway>  $doorways
     * @return int of how many they are worked out
     */
    public static function readAhead(Collection $doorways, float $seconds): int
    {
        $until = microtime(true) + $seconds;
        $read = 0;
        foreach ($doorways as $doorway) {
            if (microtime(true) > $until) {
                break;
            }
            self::of($doorway);
            $read++;
        }

        return $read;
    }

    /** @return list<scalar|null> */
    private static function hangOn(Doorway $doorway): array
    {
        $last = LogEntry::query()->where('doorway_id', $doorway->id)->max('id');

        return [$doorway->id, is_scalar($last) ? $last : null, ...$doorway->planHangsOn()];
    }
}
