<?php

declare(strict_types=1);

// Fixings to have at hand, and what else could carry a rail.
return [
    'what' => [
        'lag-bolt' => 'lag bolt',
        'bracket-bolt' => 'bracket lag bolt',
        'wood-screw' => 'wood screw',
        'anchor' => 'masonry anchor',
        'added-hole' => 'new hole with its own spacer cut to the standoff, washer and sleeve',
    ],
    'into' => [
        'studs' => 'studs',
        'studs-through-board' => 'studs, through the board',
        'board' => 'the board',
        'solid' => 'lintel or blocking',
        'plank' => 'plank',
        'masonry' => 'masonry',
        'rail' => 'the rail',
    ],
    'driver' => [
        'ratchet' => 'ratchet, by hand',
        'driver' => 'driver, clutch low',
        'sheet' => 'as the anchor’s own sheet says',
        'press' => 'drill press or slow drill, oil',
    ],
    'tight' => [
        'ratchet' => 'snug and a quarter turn; one that spins has no grip: stop and plan that hole again',
        'driver' => 'until the board is drawn up; a board crushes before a screw strips',
        'sheet' => 'to the torque of its sheet',
        'press' => 'deburr both faces',
    ],
    'alternatives' => [
        'direct' => 'Straight to the studs: :hits of :of holes hold at :at',
        'direct.next' => 'Straight to the studs: :hits of :of holes hold at :at, next best :next at :next_at',
        'header' => 'A header board on every stud',
        'longer' => 'A rail of :long: :hits of :of holes hold',
        'new-holes' => 'One new hole in the rail at the studs|:count new holes in the rail at the studs',
        'new-holes.none' => 'New holes in the rail: no stud takes one',
        'masonry' => 'Anchors in the masonry',
        'blocking' => 'Blocking between the studs',
        'toggle' => 'Toggles where holes miss',
    ],
    'costs' => [
        'direct' => 'no board, nothing shows',
        'header' => 'a board to cut, coat and put up: about two hours with a helper; screw heads show',
        'longer' => 'another rail to buy',
        'new-holes' => 'drilled and deburred on site, each with bolt, spacer, washer and sleeve',
        'masonry' => 'dust; keep clear of edges',
        'blocking' => 'the wall is opened, filled and painted',
        'toggle' => 'they help and carry nothing',
    ],
];
