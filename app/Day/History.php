<?php

declare(strict_types=1);

namespace App\Day;

use App\Http\State;
use App\Keeping\Kept;
use App\Models\Doorway;
use App\Models\LogEntry;
use App\Site\SiteRun;

/** How long this house takes, against what is planned: from one step done to the next, on one day at one doorway. */
final class History
{
    private const LEAST_KNOWN = 3;

    private const LONGEST_MINUTES = 240;

    /** @return array<string, float> by kind of step, where enough is known: so many times the planned minutes */
    public static function factors(): array
    {
        return Kept::of('history', [State::named('everything')->is], self::worked(...));
    }

    /** @return array<string, float> */
    private static function worked(): array
    {
        $known = [];
        $entries = LogEntry::query()
            ->whereIn('doorway_id', Doorway::query()->select('id'))
            ->where('kind', 'step')
            ->orderBy('doorway_id')
            ->orderBy('at')
            ->get()
            ->groupBy('doorway_id');
        /** @var Doorway $doorway */
        foreach (
            Doorway::query()->with('revision', 'job')->whereIn('id', $entries->keys())->limit(40)->get() as $doorway
        ) {
            if ($doorway->setout(null)->plan === null) {
                continue;
            }
            $run = new SiteRun($doorway, null);
            /** @var ?LogEntry $before */
            $before = null;
            /** @var LogEntry $entry */
            foreach ($entries[$doorway->id] ?? [] as $entry) {
                $minutes = $before === null ? 0.0 : $before->at->diffInMinutes($entry->at);
                if (
                    ($entry->data['state'] ?? '') === 'done' &&
                    isset($run->steps[$entry->about]) &&
                    $minutes > 1 &&
                    $minutes < self::LONGEST_MINUTES &&
                    $before !== null &&
                    $before->at->isSameDay($entry->at)
                ) {
                    $known[$run->steps[$entry->about]->kind()->value][] =
                        $minutes / max(1, $run->steps[$entry->about]->minutes);
                }
                $before = $entry;
            }
        }

        return array_map(
            self::middle(...),
            array_filter($known, fn (array $ratios) => count($ratios) >= self::LEAST_KNOWN),
        );
    }

    /** @param  non-empty-list<float>  $ratios */
    private static function middle(array $ratios): float
    {
        sort($ratios);

        // One odd day makes no rule.
        return max(0.5, min(2.0, $ratios[intdiv(count($ratios), 2)]));
    }
}
