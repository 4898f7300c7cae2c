<?php

declare(strict_types=1);

// What was changed in a document.
return [
    'set' => ':what: :to',
    'taken-out' => ':what removed',
    'nothing' => 'nothing',
    'something' => 'something else',
    'many' => ':count entries',
    'yes' => 'yes',
    'no' => 'no',
];
