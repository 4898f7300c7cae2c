<?php

declare(strict_types=1);

// How doors hang.
return [
    'choice' => [
        'single' => ['left' => 'One door opening left', 'right' => 'One door opening right'],
        'biparting' => 'Two doors that meet',
        'bypass' => 'Two doors that pass',
    ],
    'cover' => ['opening' => 'past the jambs', 'casing' => 'over the casing', 'just-enough' => 'just covering'],
    'on-header' => 'on a header board',
    'on-wall' => 'on the wall',
    'opens' => [
        'single' => ['left' => 'to the left', 'right' => 'to the right'],
        'biparting' => 'as two doors that meet',
        'bypass' => 'as two doors that pass each other',
    ],
    'short' => [
        'single' => 'one door',
        'biparting' => 'two that meet',
        'bypass' => 'two that pass',
    ],
    'chosen' => ':hangs, :covers, :kit_within, :on',
];
