<?php

declare(strict_types=1);

// The set-out sheet.
return [
    'of-leaf' => ':what, :leaf',
    'hooked-right' => ':tape: hook at the :hook, run right',
    'hooked-left' => ':tape: hook at the :hook, run left',
    'on-door' => 'On the door, from its leading edge',
    'on-door-up-down' => 'On the door, up and down',
    'down' => ':mark, down',
    'up' => ':mark, up',
    'door' => 'Door',
    'opens' => 'Opens',
    'opens-right' => 'to the right, travel :travel',
    'opens-left' => 'to the left, travel :travel',
    'passage' => 'Passage',
    'rail' => 'Rail',
    'in-pieces' => ':long in :pieces',
    'header' => 'Header board',
    'kit' => 'Kit',
    'behind' => 'Behind the door',
    'is-clear' => ':by clear',
    'groove' => 'Groove',
    'is-deep' => ':deep_up deep',
    'fixing' => ':n × :what :diameter × :length into :into, bits :bits.',
    'fixing-deep' => ':n × :what :diameter × :length into :into, bits :bits, :depth deep.',
    'drilled-from' => ': :from.',
    'drilled-with' => ', bits :bits: :from.',
    'drilled-deep' => ':what :deep_up deep',
    'tapes' => [
        'wall' => 'Along the wall',
        'board' => 'On the board',
        'rail' => 'On the rail',
        'floor' => 'On the floor',
    ],
];
