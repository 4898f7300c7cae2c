<?php

declare(strict_types=1);

namespace YokeLine\Work;

use YokeLine\Doorway\KitPart;
use YokeLine\Planning\Plan;

/** The steps of one doorway as a graph: what is there, and what each comes after, with nothing said twice. */
final readonly class Order
{
    /** @param  array<string, Step>  $steps  by id, as they are usually met */
    private function __construct(public array $steps) {}

    /** Worked once for a plan: several of a page ask for it. */
    public static function of(Plan $plan): self
    {
        return $plan->worked(self::class, fn () => self::from(Facts::of($plan)));
    }

    public static function from(Facts $facts): self
    {
        $rows = [];
        foreach (StepTable::of($facts->rules, $facts->made) as $row) {
            $rows[rtrim(explode('.', $row[0])[0], '*^#%')] = $row;
        }
        $made = [];
        foreach ($rows as $kind => [$id, $when, $after, $people, $base, $per, $at]) {
            foreach (array_filter(self::those($id, $facts), fn (string $of) => $facts->has($when, $of)) as $of) {
                $minutes = self::length($base, $per, $facts, $of);
                $names = self::names($kind, $facts, $of);
                foreach ($names as $k => $name) {
                    $befores =
                        $k === 0
                            ? self::befores($kind, $after, $of, $facts, $rows)
                            : [new After($names[$k - 1], 'dry', $facts->waits['dry'])];
                    $made[$name] = new Step($name, $facts->peopleFor($people, $of), $minutes, $at, $befores);
                }
            }
        }

        return new self(self::reduced(self::waiting(self::passing($made, $facts), $facts)));
    }

    /** What one step of that kind takes, whether or not this doorway has it. */
    public static function minutesFor(StepKind $kind, Facts $facts): int
    {
        foreach (StepTable::of($facts->rules, $facts->made) as [$id, , , , $base, $per]) {
            if (rtrim(explode('.', $id)[0], '*^#%') === $kind->value) {
                return self::length($base, $per, $facts, '');
            }
        }

        return 0;
    }

    public function minutes(): int
    {
        return array_sum(array_map(fn (Step $step) => $step->minutes, $this->steps));
    }

    /** @param  ?array{float, string}  $per */
    private static function length(float $base, ?array $per, Facts $facts, string $of): int
    {
        return (int) ceil($base + ($per === null ? 0 : $per[0] * $facts->count($per[1], $of)) - 1e-9);
    }

    public function personMinutes(): int
    {
        return array_sum(array_map(fn (Step $step) => $step->minutes * $step->people, $this->steps));
    }

    public function edges(): int
    {
        return array_sum(array_map(fn (Step $step) => count($step->after), $this->steps));
    }

    /** @return list<string> which leaves, rails or guides a step is done for: '' where there is but one */
    private static function those(string $id, Facts $facts): array
    {
        return match (true) {
            str_contains($id, '*') => $facts->leaves,
            str_contains($id, '^') => $facts->rails,
            str_contains($id, '#') => $facts->guides,
            str_contains($id, '%') => array_map(fn (KitPart $part) => $part->value, $facts->parts),
            default => [''],
        };
    }

    /** @return non-empty-list<string> one name, or one for each coat */
    private static function names(string $kind, Facts $facts, string $of): array
    {
        $name = $of === '' ? $kind : "{$kind}.{$of}";

        return isset($facts->coats[$kind])
            ? array_map(fn (int $k) => "{$name}.{$k}", range(1, max(1, $facts->coats[$kind])))
            : [$name];
    }

    /**
     * What a step comes after. One that is absent is bridged: whoever names it comes after what it came after.
     *
     * @param  list<string>  $after
     * @param  array<string, array{
     *     string, string, list<string>, string, float, ?array{float, string}, 'wall'|'bench'
     * }>  $rows
     * @return list<After>
     */
    private static function befores(string $kind, array $after, string $of, Facts $facts, array $rows): array
    {
        $befores = [];
        if ($kind === 'door-off' && ! $facts->oldLeafFirst) {
            $after = ['hang*'];
        }
        foreach ($after as $written) {
            if ($written === 'door-off?' && ! $facts->oldLeafFirst) {
                continue;
            }
            [$name, $lag] = array_pad(explode('~', rtrim($written, '?')), 2, null);
            $before = rtrim((string) $name, '*^#%');
            [$id, $when, $its] = $rows[$before];
            $those = self::those($id, $facts);
            foreach (in_array($of, $those, true) && $of !== '' ? [$of] : $those as $one) {
                if (! $facts->has($when, $one)) {
                    array_push($befores, ...self::befores($before, $its, $one === '' ? $of : $one, $facts, $rows));

                    continue;
                }
                $names = self::names($before, $facts, $one);
                $befores[] = new After($names[count($names) - 1], $lag, $lag === null ? 0 : $facts->waits[$lag]);
            }
        }

        return $befores;
    }

    /**
     * Leaves that pass each other: the rear rail and leaf are up and set before the front ones go over them.
     *
     * @param  array<string, Step>  $steps
     * @return array<string, Step>
     */
    private static function passing(array $steps, Facts $facts): array
    {
        $across = ['rail-up.front' => 'rail-true.rear', 'hang.front' => 'set-stops.rear'];
        foreach (count($facts->rails) > 1 ? $across : [] as $id => $before) {
            $step = $steps[$id];
            $steps[$id] = new Step($id, $step->people, $step->minutes, $step->at, [
                ...$step->after,
                new After($before),
            ]);
        }

        return $steps;
    }

    /**
     * What needs a part that is missing waits until it has come.
     *
     * @param  array<string, Step>  $steps
     * @return array<string, Step>
     */
    private static function waiting(array $steps, Facts $facts): array
    {
        foreach ($facts->parts as $part) {
            foreach ($steps as $id => $step) {
                if (in_array($step->kind(), PartWaits::of($part), true)) {
                    $steps[$id] = new Step($id, $step->people, $step->minutes, $step->at, [
                        ...$step->after,
                        new After(StepKind::PartComes->value.".{$part->value}"),
                    ]);
                }
            }
        }

        return $steps;
    }

    /**
     * An edge goes if another path waits as long.
     *
     * @param  array<string, Step>  $steps
     * @return array<string, Step>
     */
    private static function reduced(array $steps): array
    {
        $waits = self::waits($steps);
        $reduced = [];
        foreach ($steps as $id => $step) {
            $kept = [];
            foreach ($step->after as $i => $after) {
                $other = array_filter(
                    $step->after,
                    fn (After $one, int $j) => $j !== $i &&
                        ($one->step !== $after->step || $j < $i) &&
                        isset($waits[$one->step][$after->step]) &&
                        $waits[$one->step][$after->step] + $one->minutes >= $after->minutes,
                    ARRAY_FILTER_USE_BOTH,
                );
                if ($other === []) {
                    $kept[] = $after;
                }
            }
            usort($kept, fn (After $a, After $b) => $a->step <=> $b->step);
            $reduced[$id] = new Step($id, $step->people, $step->minutes, $step->at, $kept);
        }

        return $reduced;
    }

    /**
     * How long each step waits at least for each that it comes after, itself among them.
     *
     * @param  array<string, Step>  $steps
     * @return array<string, array<string, int>> minutes, by the step that waits and the one that is waited for
     */
    private static function waits(array $steps): array
    {
        $waits = [];
        foreach (array_keys($steps) as $step) {
            $waits = self::waitsOf($step, $steps, $waits);
        }

        return $waits;
    }

    /**
     * @param  array<string, Step>  $steps
     * @param  array<string, array<string, int>>  $waits  those that are known
     * @return array<string, array<string, int>> those, with the step's and of all that it comes after
     */
    private static function waitsOf(string $step, array $steps, array $waits): array
    {
        if (isset($waits[$step])) {
            return $waits;
        }
        $longest = [$step => 0];
        foreach ($steps[$step]->after as $after) {
            $waits = self::waitsOf($after->step, $steps, $waits);
            foreach ($waits[$after->step] as $before => $minutes) {
                $longest[$before] = max($longest[$before] ?? 0, $minutes + $after->minutes);
            }
        }

        $waits[$step] = $longest;

        return $waits;
    }
}
