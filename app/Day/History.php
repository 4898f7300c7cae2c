<?php

declare(strict_types=1);

namespace App\Day;

use App\Http\State;
use App\Keeping\Kept;
use App\Models\Doorway;
use App\Models\LogEntry;
use App\Site\SiteRun;
use Illuminate\Support\Collection;

/** How long this house takes, against what is planned: from one step done to the next, on one day at one doorway. */
final class History
{
    /** Of a kind of step that was done less often nothing is known. */
    private const LEAST_KNOWN = 3;

    /** What was pressed within a minute of the step before was done before it was told. */
    private const SHORTEST_MINUTES = 1;

    /** After this one did something else in between. */
    private const LONGEST_MINUTES = 240;

    /** So many doorways are looked at, those worked at last. */
    private const DOORWAYS = 40;

    /** A house that is slower or quicker by more has told something else. */
    private const FACTORS = [0.5, 2.0];

    /** @return array<string, float> by kind of step, where enough is known: so many times the planned minutes */
    public static function factors(): array
    {
        return Kept::of('history', [State::named('everything')->is], self::worked(...));
    }

    /** @return array<string, float> */
    private static function worked(): array
    {
        $known = [];
        foreach (self::lastWorkedAt() as $doorway) {
            foreach (self::took($doorway) as [$kind, $factor]) {
                $known[$kind][] = $factor;
            }
        }

        return array_map(
            self::middle(...),
            array_filter($known, fn (array $factors) => count($factors) >= self::LEAST_KNOWN),
        );
    }

    /** @return Collection<int, Doorway> */
    private static function lastWorkedAt(): Collection
    {
        return Doorway::query()
            ->with('revision', 'job', 'stepsTold')
            ->has('stepsTold')
            ->withMax('stepsTold', 'id')
            ->orderByDesc('steps_told_max_id')
            ->limit(self::DOORWAYS)
            ->get();
    }

    /** @return iterable<array{string, float}> the kind of each step whose time is known; so many times the planned */
    private static function took(Doorway $doorway): iterable
    {
        if ($doorway->setout(null)->plan === null) {
            return;
        }
        $steps = (new SiteRun($doorway, null))->steps;
        $before = null;
        foreach ($doorway->stepsTold as $entry) {
            $step = $steps[$entry->about] ?? null;
            $minutes = $before === null ? null : self::minutesSince($before, $entry);
            if ($step !== null && $minutes !== null && $entry->plain('state') === 'done') {
                yield [$step->kind()->value, $minutes / max(1, $step->minutes)];
            }
            $before = $entry;
        }
    }

    /** Null where something else was done meanwhile, or nothing can be told of it. */
    private static function minutesSince(LogEntry $before, LogEntry $entry): ?float
    {
        $minutes = $before->at->diffInMinutes($entry->at);

        return $before->at->isSameDay($entry->at)
            && $minutes > self::SHORTEST_MINUTES && $minutes < self::LONGEST_MINUTES ? $minutes : null;
    }

    /**
     * One odd day makes no rule.
     *
     * @param  non-empty-list<float>  $factors
     */
    private static function middle(array $factors): float
    {
        sort($factors);
        [$least, $most] = self::FACTORS;

        return max($least, min($most, $factors[intdiv(count($factors), 2)]));
    }
}
