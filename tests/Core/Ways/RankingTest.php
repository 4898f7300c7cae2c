<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Doorway\Backing;
use YokeLine\Doorway\Cover;
use YokeLine\Doorway\Hang;
use YokeLine\Doorway\Opens;
use YokeLine\Format\DoorwayReader;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Planner\Planner;
use YokeLine\Ways\Choice;
use YokeLine\Ways\Ranking;
use YokeLine\Ways\Search;
use YokeLine\Ways\Way;
use YokeLine\Ways\Weights;

/* Ways of known numbers, held against each other. */

const LEFT_TO_SETTLE = [FindingCode::HeaderThin, FindingCode::FloorFalls, FindingCode::BoltShort];

/** A way of so much passage in millimetres, so many things to settle, and a price; held where that is said. */
function rankedWay(int $passage, int $settle, ?float $price, bool $isHeld = true): Way
{
    $width = Length::mm(1200);
    $plan = fn (int $park) => Planner::plan(
        DoorwayReader::read(Doorways::document(changes: ['brief.rules.park' => $park, 'brief.leaf.width' => 1200])),
        Doorways::kit('flat-40-strap', ['price' => $price]),
    );
    $wide = (int) $plan(0)->layout->passages['clear']->total->toMm();
    $park = Length::mm($passage - $wide);
    $way = Way::of(
        new Choice(Hang::Single, Opens::Right, 'flat-40-strap', Backing::Header, Cover::Opening, $width, null, $park),
        $plan($passage - $wide),
        array_map(
            fn (FindingCode $code) => new Finding($code, Severity::Settle, 'brief'),
            array_slice(LEFT_TO_SETTLE, 0, $settle),
        ),
    );

    return $isHeld ? $way->heldBy([]) : $way;
}

test('a way beats another where no number is worse and one is better', function (array $one, array $other, bool $is) {
    expect(rankedWay(...$one)->beats(rankedWay(...$other)))->toBe($is);
})->with([
    'alike' => [[640, 1, 90.0], [640, 1, 90.0], false],
    'more passage' => [[650, 1, 90.0], [640, 1, 90.0], true],
    'more passage, more to settle' => [[650, 2, 90.0], [640, 1, 90.0], false],
    'more passage, dearer' => [[650, 1, 91.0], [640, 1, 90.0], false],
    'less to settle' => [[640, 0, 90.0], [640, 1, 90.0], true],
    'less to settle, less passage' => [[630, 0, 90.0], [640, 1, 90.0], false],
    'cheaper' => [[640, 1, 89.0], [640, 1, 90.0], true],
    'cheaper, more to settle' => [[640, 2, 89.0], [640, 1, 90.0], false],
    'of no known price, alike' => [[640, 1, null], [640, 1, 90.0], false],
    'of no known price, more passage' => [[650, 1, null], [640, 1, 90.0], true],
    'more passage than one of no known price' => [[650, 1, 90.0], [640, 1, null], true],
    'neither price known, less to settle' => [[640, 0, null], [640, 1, null], true],
]);

test('best trade-offs are of those that are held, one for the same numbers', function () {
    $ranking = new Ranking();
    $ways = [
        rankedWay(650, 1, 90.0), rankedWay(640, 0, 90.0), rankedWay(630, 1, 90.0),
        rankedWay(660, 0, 90.0, isHeld: false),
    ];
    array_map($ranking->add(...), $ways);

    expect($ranking->tradeOffs())->toBe([$ways[0], $ways[1]]);
});

test('where cost is all that matters the cheapest stands first, and one of no known price in between', function () {
    $ranking = new Ranking();
    $ways = [
        'dear' => rankedWay(650, 1, 400.0), 'cheap' => rankedWay(640, 1, 100.0), 'unknown' => rankedWay(630, 1, null),
        'fair' => rankedWay(620, 1, 120.0),
    ];
    array_map($ranking->add(...), $ways);
    $costAlone = [...array_fill_keys(array_keys(Weights::from([])->of), 0), 'cost' => 5];
    $best = $ranking->best(Weights::from([])->with($costAlone));

    expect(array_map(fn (Way $way) => array_search($way, $ways, true), $best))
        ->toBe(['cheap', 'fair', 'unknown', 'dear']);
});

test('nothing is best of none', function () {
    expect((new Ranking())->best(Weights::from([])))->toBe([]);
});

test('of ways that score alike the one asked for first stands first', function () {
    $ranking = new Ranking();
    $ways = [rankedWay(640, 1, 90.0), rankedWay(660, 1, 90.0), rankedWay(650, 1, 90.0)];
    array_map($ranking->add(...), $ways);
    $none = array_fill_keys(array_keys(Weights::from([])->of), 0);

    expect($ranking->best(Weights::from([])->with($none)))->toBe($ways);
});

test('of stock the sizes that reach are tried, the nearest first: as worked out, then the larger ones', function () {
    $stock = ['brief.leaf.stock_widths' => [1200, 800, 965, 1100], 'brief.leaf.stock_heights' => [2300, 2138, 2000]];
    $widths = $heights = [];
    foreach (Search::of(DoorwayReader::read(Doorways::document(changes: $stock)), Doorways::kits())->ways() as $way) {
        if ($way->choice->hang === Hang::Single && $way->choice->cover === Cover::Opening) {
            $widths[] = $way->choice->width?->toMm();
            $heights[] = $way->choice->height?->toMm();
        }
    }

    expect(array_values(array_unique($widths)))->toEqual([null, 1100, 1200])
        ->and(array_values(array_unique($heights)))->toEqual([null, 2300]);
});
