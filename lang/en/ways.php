<?php

declare(strict_types=1);

// Options.
return [
    'page' => [
        'use' => 'Use this option',
        'what-matters' => 'What matters',
        'build-it' => 'The shop can build this door too, of boards, in a frame, with glass or from old doors:',
        'what-matters-here' => 'What matters here',
        'they-start-from-the-purpose' => 'They start from the purpose that is set under Door.',
        'working' => 'Working …',
        'in-sizes-and-parkings-of' => ', in :working sizes and parkings. Of :total combinations :which were worked; :ranking differ. A best trade-off is one that no other beats in all of passage, price and findings.',
        'so-far-worked-of' => 'so far: :ranking worked of :asked …',
        'stock-left-out-too-small' => 'One stock size was left out: it is too small for this doorway however it is hung.|:count stock sizes were left out: they are too small for this doorway however they are hung.',
        'work-more-with-larger-sizes' => 'Work :asked more, with larger sizes',
        'best-trade-off' => 'best trade-off',
        'rail' => 'rail',
        'a-leaf' => 'a door',
        'held-by' => 'held by',
        'materials' => 'materials',
        'nothing-to-settle' => 'No open points',
        'more-of-it' => 'one more size or parking of it|:count more sizes and parkings of it',
        'arrangements-more-further-from-what' => ':count arrangements more, further from what matters: :name.',
        'what-does-not-work-here' => 'What does not work here, and why',
        'reason' => 'Reason',
        'hang' => 'Hang',
        'ways' => 'Options',
        'work' => 'One arrangement works|:count arrangements work',
        'nearest' => 'the :asked with the nearest sizes',
        'all' => 'all',
        'doors' => 'door|doors',
        'and-more' => '; :count more',
    ],
    'purposes' => [
        'sight' => 'Privacy',
        'sound' => 'Quiet',
        'light' => 'Light when open',
        'space' => 'A wide passage',
        'looks' => 'Calm looks',
        'ease' => 'Easy to hang',
        'cost' => 'A low price',
    ],
    'unpriced' => ' and one unpriced| and :count unpriced',
    'studs' => 'one stud|:count studs',
    'holes' => ':held of :all holes',
];
