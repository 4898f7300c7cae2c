<?php

declare(strict_types=1);

// Measures that clearances hang on, beside the fields of the document: sizes as made, holes, marks.
return [
    'leaf.width' => 'Width of the door as made',
    'leaf.height' => 'Height of the door as made',
    'hole.hanger' => 'Hanger holes',
    'mark.yoke' => 'Mark of the rail line',
    'mark.foot' => 'Mark of the bottom of the board',
    'mark.shut' => 'Shut mark',
    'mark.open' => 'Open mark',
    'mark.rail' => 'Mark of the rail',
    'mark.guide' => 'Mark of the guide',
    'mark.left.shut' => 'Shut mark, left door',
    'mark.left.open' => 'Open mark, left door',
    'mark.right.shut' => 'Shut mark, right door',
    'mark.right.open' => 'Open mark, right door',
    'mark.left.guide' => 'Mark of the left guide',
    'mark.right.guide' => 'Mark of the right guide',
    'mark.rear.shut' => 'Shut mark, rear door',
    'mark.rear.open' => 'Open mark, rear door',
    'mark.front.shut' => 'Shut mark, front door',
    'mark.front.open' => 'Open mark, front door',
];
