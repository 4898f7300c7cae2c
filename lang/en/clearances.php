<?php

declare(strict_types=1);

// Clearances, and what they hang on.
return [
    'rows' => [
        'floor-gap' => 'gap under the door',
        'head-cover' => 'door over the head',
        'header-casing' => 'header over the casing',
        'top-gap-least' => 'top gap over its minimum',
        'top-gap-most' => 'top gap under its maximum',
        'headroom' => 'room to lift the door on',
        'header-ceiling' => 'header under the ceiling',
        'cover-left' => 'door past the left jamb',
        'cover-right' => 'door past the right jamb',
        'guide-lead' => 'guide inside the door, open',
        'guide-jamb' => 'guide outside the passage',
        'guide-trail' => 'guide inside the door, shut',
        'guide-bite' => 'engagement of the guide',
        'wall-end' => 'door to the end of the wall',
        'rail-end-shut' => 'stop to the end of the rail, shut',
        'rail-end-open' => 'stop to the end of the rail, open',
        'meeting-gap' => 'gap where the doors meet',
        'middle-stops' => 'room for the middle stops',
        'between-leaves' => 'between the doors',
        'mid-overlap' => 'overlap of the doors',
        'bracket-edge' => 'bracket to the edge of the board',
        'passage' => 'passage',
        'passage-leaf' => 'passage, to the door',
    ],
    'leaf' => ['left' => 'left door', 'right' => 'right door'],
    'of' => ':leaf, :what',
    'back' => 'door clear of the :what',
    'things' => ['casing' => 'casing', 'baseboard' => 'baseboard', 'header' => 'header board'],
    'bolt' => 'bolt in its stud, :which',
    'at' => ':what at :at',
    'measured' => ':what (:n)',
    'measure-again' => 'Measure it again: :what. It matters most.',
    'matters-most' => 'Matters most: :what.',
];
