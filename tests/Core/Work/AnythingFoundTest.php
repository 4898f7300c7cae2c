<?php

declare(strict_types=1);

use Eris\Generators;
use Tests\Core\Support\Doorways;
use YokeLine\Format\DoorwayReader;
use YokeLine\Measure\Length;
use YokeLine\Recovery\OnSite;
use YokeLine\Recovery\Problems;
use YokeLine\Recovery\WayOut;
use YokeLine\Work\Order;
use YokeLine\Work\StepTable;

uses(Eris\TestTrait::class);

const WHERE_FOUND = [
    'kiln-room',
    'glaze-store',
    'map-archive',
    'reclaim-bay',
    'slip-store',
    'throwing-room',
    'loading-bay',
];

/**
 * The ways out of what is found when every number that is asked for is off by one of these.
 *
 * @param  list<int>  $offs  mm
 * @return array{OnSite, list<WayOut>}
 */
function foundOff(string $name, string $row, array $offs, float $doneShare): array
{
    $plan = Doorways::plan($name);
    $kinds = array_values(array_unique(array_map(fn ($step) => $step->kind(), Order::of($plan)->steps), SORT_REGULAR));
    $site = new OnSite(Doorways::document($name), $plan, array_slice($kinds, 0, (int) ($doneShare * count($kinds))));
    $problems = new Problems($site);
    $told = [];
    foreach (array_values($problems->asks($row)) as $i => $ask) {
        $field = array_keys($problems->asks($row))[$i];
        $off = $offs[$i % count($offs)];
        $told[$field] =
            $ask->options === []
                ? ($ask->planned ?? $plan->rail->holes[0])->plus(Length::mm($off))
                : (string) array_keys($ask->options)[abs($off) % count($ask->options)];
    }

    return [$site, $problems->ways($row, $told)[1]];
}

test('whatever is found, the ways out are told, the ones that work first and the least harm before more', function (
    string $row,
) {
    $this->limitTo(20)
        ->forAll(
            Generators::elements(...WHERE_FOUND),
            Generators::vector(3, Generators::choose(-60, 60)),
            Generators::elements(0.0, 0.3, 0.6, 0.9),
        )
        ->then(function (string $name, array $offs, float $done) use ($row) {
            $ways = foundOff($name, $row, $offs, $done)[1];
            $ranks = array_map(
                fn (WayOut $way) => [$way->works ? 0 : 1, $way->finding === '' ? 0 : 1, $way->harm],
                $ways,
            );
            $sorted = $ranks;
            sort($sorted);
            expect($ranks)
                ->toBe($sorted, $name)
                ->and(array_unique(array_map(fn (WayOut $way) => $way->id, $ways)))
                ->toHaveCount(count($ways));
            foreach ($ways as $way) {
                expect($way->minutes)->toBeGreaterThanOrEqual(0, $way->id);
            }
        });
})->with(array_values(array_diff(Problems::ROWS, Problems::SURVEYED)));

test('a way that works can be taken: the document still reads and has a plan', function (string $row) {
    $this->limitTo(20)
        ->forAll(
            Generators::elements(...WHERE_FOUND),
            Generators::vector(3, Generators::choose(-25, 25)),
            Generators::elements(0.0, 0.4, 0.8),
        )
        ->then(function (string $name, array $offs, float $done) use ($row) {
            [$site, $ways] = foundOff($name, $row, $offs, $done);
            foreach (array_filter($ways, fn (WayOut $way) => $way->works) as $way) {
                $document = $site->document;
                foreach ($way->changes as $place => $value) {
                    $document = $value === null ? $document->without($place) : $document->with($place, $value);
                }
                expect(DoorwayReader::read($document)->name)
                    ->toBe($site->doorway()->name)
                    ->and($site->again($way->changes))
                    ->not->toBeNull("{$name}: {$row}, {$way->id}");
            }
        });
})->with(array_values(array_diff(Problems::ROWS, Problems::SURVEYED)));

test('what a way does over are steps of the work', function (string $row) {
    $kinds = array_map(fn (array $step) => preg_replace('/[*^#.].*/', '', $step[0]), StepTable::rows());
    foreach (WHERE_FOUND as $name) {
        foreach (foundOff($name, $row, [-400, -14, 30], 0.9)[1] as $way) {
            expect(array_diff(array_column($way->redo, 'value'), $kinds))->toBe([], "{$name}: {$way->id}");
        }
    }
    expect(foundOff('kiln-room', $row, [-400, -14, 30], 0.9)[1])->not->toBeEmpty();
})->with(array_values(array_diff(Problems::ROWS, Problems::SURVEYED)));
