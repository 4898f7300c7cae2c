<?php

declare(strict_types=1);

// Clearances, and what they hang on.
return [
    'rows' => [
        'floor-gap' => 'gap under the door', 'head-cover' => 'door over the head', 'header-casing' => 'header board over the casing', 'top-gap-least' => 'top gap over its minimum', 'top-gap-most' => 'top gap under its maximum',
        'headroom' => 'room to lift the door on', 'header-ceiling' => 'header board under the ceiling', 'cover-left' => 'door past the left jamb', 'cover-right' => 'door past the right jamb',
        'guide-lead' => 'guide inside the door, open', 'guide-jamb' => 'guide outside the passage', 'guide-trail' => 'guide inside the door, shut', 'guide-bite' => 'engagement of the guide',
        'wall-end' => 'door to the end of the wall', 'rail-end-shut' => 'stop to the end of the rail, shut', 'rail-end-open' => 'stop to the end of the rail, open', 'meeting-gap' => 'gap where the doors meet',
        'middle-stops' => 'room for the middle stops', 'between-leaves' => 'between the doors', 'mid-overlap' => 'overlap of the doors', 'bracket-edge' => 'bracket to the edge of the board', 'passage' => 'passage',
        'passage-leaf' => 'passage, to the door',
    ],
    'leaf' => ['left' => 'left door', 'right' => 'right door'],
    'of' => ':leaf, :what',
    'back' => 'door clear of the :what',
    'things' => ['casing' => 'casing', 'baseboard' => 'baseboard', 'header' => 'header board'],
    'bolt' => 'bolt in its stud, :which',
    'at' => ':what at :at',
    'measured' => ':what, measurement :n',
    'inputs' => [
        'leaf.width' => 'Width of the door as made', 'leaf.height' => 'Height of the door as made', 'hole.hanger' => 'Hanger holes', 'mark.yoke' => 'Mark of the rail line', 'mark.foot' => 'Mark of the bottom of the board',
        'mark.shut' => 'Shut mark', 'mark.open' => 'Open mark', 'mark.rail' => 'Mark of the rail', 'mark.guide' => 'Mark of the guide', 'mark.left.shut' => 'Shut mark, left door', 'mark.left.open' => 'Open mark, left door',
        'mark.right.shut' => 'Shut mark, right door', 'mark.right.open' => 'Open mark, right door', 'mark.left.guide' => 'Mark of the left guide', 'mark.right.guide' => 'Mark of the right guide',
        'mark.rear.shut' => 'Shut mark, rear door', 'mark.rear.open' => 'Open mark, rear door', 'mark.front.shut' => 'Shut mark, front door', 'mark.front.open' => 'Open mark, front door',
    ],
    'measure-again' => 'Measure it again: :what. It matters most.',
    'matters-most' => 'Matters most: :what.',
];
