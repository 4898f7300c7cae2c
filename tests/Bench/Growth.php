<?php

declare(strict_types=1);

namespace Tests\Bench;

use Tests\Core\Support\Doorways;
use YokeLine\Format\Document;
use YokeLine\Measure\SeededRandom;
use YokeLine\Work\Day\DayPlan;
use YokeLine\Work\Day\Person;
use YokeLine\Work\Day\Task;

/** Doorways of which there is much: readings, things on the wall, studs; and the steps of many. */
final class Growth
{
    private const NAMES = ['kiln-room', 'glaze-store', 'map-archive', 'reclaim-bay'];

    public static function withReadings(int $many): Document
    {
        return Doorways::document('kiln-room', ['survey.floor.readings' => array_map(
            fn (int $i) => (object) [
                'x' => (int) round(4000 * $i / max(1, $many - 1)),
                'level' => (int) round(6 * sin($i * 0.7)),
            ],
            range(0, $many - 1),
        )]);
    }

    public static function withThings(int $many): Document
    {
        return Doorways::document('kiln-room', ['survey.obstacles' => array_map(
            fn (int $i) => (object) [
                'id' => "o{$i}",
                'kind' => ['switch', 'socket', 'radiator', 'pipe'][$i % 4],
                'x' => [2100 + $i * 8, 2160 + $i * 8],
                'y' => [($i % 20) * 100, ($i % 20) * 100 + 60],
                'projection' => 5 + $i % 40,
            ],
            range(0, $many - 1),
        )]);
    }

    public static function withStuds(int $many): Document
    {
        return Doorways::document('kiln-room', ['survey.studs' => array_map(
            fn (int $i) => (object) ['x' => 100 + intdiv(3900 * $i, $many)],
            range(0, $many - 1),
        )]);
    }

    /**
     * The steps on site of so many doorways.
     *
     * @param  list<string>  $names
     * @return list<Task>
     */
    public static function steps(int $doorways, bool $twoSites = false, array $names = self::NAMES): array
    {
        $graphs = json_decode((string) file_get_contents(
            dirname(__DIR__).'/Core/Support/work/order.json',
        ), true)['doorways'];
        $isOnSite = fn (string $id) => ! in_array($id, ['look', 'measure', 'scan', 'choose', 'order'], true);
        $tasks = [];
        for ($i = 0; $i < $doorways; $i++) {
            foreach ($graphs[$names[$i % count($names)]]['steps'] as $step) {
                if (! $isOnSite($step['id'])) {
                    continue;
                }
                $after = array_filter($step['after'], fn (array $before) => $isOnSite($before['step']));
                $tasks[] = new Task(
                    "{$i}/{$step['id']}",
                    $step['minutes'],
                    min(2, $step['people']),
                    (string) $i,
                    $twoSites && $i % 2 === 1 ? 'mill' : 'pump',
                    $step['at'] === 'wall',
                    array_combine(
                        array_map(fn (array $before) => "{$i}/{$before['step']}", $after),
                        array_map(fn (array $before) => $before['minutes'] ?? 0, $after),
                    ),
                );
            }
        }

        return $tasks;
    }

    /** @param  list<Task>  $tasks */
    public static function days(array $tasks, bool $twoSites = false): DayPlan
    {
        return DayPlan::of(
            $tasks,
            [new Person(1, [[480, 720], [750, 990]]), new Person(2, [[480, 720], [750, 990]])],
            $twoSites ? ['pump-mill' => 25, 'mill-pump' => 25] : [],
            (new SeededRandom(1964))->next(...),
            DayPlan::EFFORT,
            480,
        );
    }
}
