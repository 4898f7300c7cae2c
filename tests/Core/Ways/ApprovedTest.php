<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use YokeLine\Format\DoorwayReader;
use YokeLine\Ways\Ranking;
use YokeLine\Ways\Search;
use YokeLine\Ways\Way;
use YokeLine\Ways\Weights;

/* Ways to hang a door, found and put in order. */

test('the ways of a doorway, and their order, are as they were approved', function (string $name, array $purposes) {
    $search = Search::of(DoorwayReader::read(Doorways::document($name, [
        'brief.leaf.stock_widths' => [965], 'brief.leaf.stock_heights' => [2138],
    ])), Doorways::kits());
    $ranking = new Ranking();
    foreach ($search->ways(60) as $way) {
        $ranking->add($way);
    }
    $ranking->judge($search->judge());
    $best = array_slice($ranking->best(Weights::from($purposes)), 0, 8);

    Approved::holds("Ways/{$name} ".implode(' ', $purposes), [$search->count(), array_map(fn (Way $way) => $way->choice, $best), $best]);
})->with(['kiln-room', 'map-archive'])->with([[[]], [['sound', 'sight']]]);
