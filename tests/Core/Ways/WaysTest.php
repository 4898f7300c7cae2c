<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Format\DoorwayReader;
use YokeLine\Inspection\Inspector;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;
use YokeLine\Setout;
use YokeLine\Ways\Ranking;
use YokeLine\Ways\Search;
use YokeLine\Ways\Way;
use YokeLine\Ways\Weights;

/** @param  array<string, mixed>  $changes */
function waysOf(string $name, array $changes = []): Ranking
{
    static $kept = [];

    return $kept[$name.json_encode($changes)] ??= (function () use ($name, $changes) {
        $ranking = new Ranking;
        $small = ['brief.leaf.stock_widths' => [965], 'brief.leaf.stock_heights' => [2138], ...$changes];
        foreach (Search::of(DoorwayReader::read(Doorways::document($name, $small)), Doorways::kits(), new LengthWriter(Unit::Millimetre))->ways() as $way) {
            $ranking->add($way);
        }

        return $ranking;
    })();
}

test('a way says what the planner says of it', function () {
    $checked = 0;
    foreach (array_slice(waysOf('throwing-room')->best(Weights::from([])), 0, 60) as $way) {
        $document = Doorways::document('throwing-room', ['brief.leaf.stock_widths' => [965], 'brief.leaf.stock_heights' => [2138]]);
        foreach ($way->choice->changes(new LengthWriter(Unit::Millimetre)) as $place => $value) {
            $document = $document->with($place, $value);
        }
        $setout = Setout::quick($document, Doorways::kits());
        $sight = new Sight($setout->plan, [], $setout->write);
        $settle = array_map(fn ($finding) => $finding->says, array_values(array_filter(Inspector::inspectGeometry($sight), fn ($finding) => $finding->severity === Severity::Settle)));
        $said = $way->settle;
        sort($settle);
        sort($said);
        expect($said)->toBe($settle)->and($way->yokeLine->nm)->toBe($setout->plan?->yokeLine()->nm)->and($way->leafWidth->nm)->toBe($setout->plan->layout->width->size->total->nm);
        $checked++;
    }

    expect($checked)->toBeGreaterThan(10);
});

test('every combination is either among those that work or has its reason', function () {
    $ranking = waysOf('kiln-room');

    expect($ranking->working() + array_sum(array_column($ranking->reasons(), 'count')))->toBe($ranking->count());
});

test('no best trade-off is beaten by any way', function () {
    $ranking = waysOf('kiln-room');
    $beaten = array_filter($ranking->tradeOffs(), fn (Way $best) => array_filter($ranking->best(Weights::from([])), fn (Way $other) => $other->beats($best)) !== []);

    expect($ranking->tradeOffs())->not->toBeEmpty()->and($beaten)->toBe([]);
});

test('what is weighed more stands further up', function () {
    $ranking = waysOf('kiln-room');
    $sight = $ranking->best(Weights::from([])->with(['sight' => 10, 'sound' => 0, 'light' => 0, 'space' => 0, 'looks' => 0, 'ease' => 0]))[0];
    $space = $ranking->best(Weights::from([])->with(['sight' => 0, 'sound' => 0, 'light' => 0, 'space' => 10, 'looks' => 0, 'ease' => 0]))[0];

    expect($sight->overlap->nm)->toBeGreaterThanOrEqual($space->overlap->nm)->and($space->passage->nm)->toBeGreaterThanOrEqual($sight->passage->nm);
});

test('weights start from what the leaf is for, ranked', function () {
    expect(Weights::from(['sound', 'sight'])->of)->toMatchArray(['sound' => 10, 'sight' => 8, 'light' => 2]);
});
