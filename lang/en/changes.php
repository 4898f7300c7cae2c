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
    'several' => ':all',
    'value' => ':value',
    'undid' => 'undid: :what',
    'redid' => 'did again: :what',
    'typed' => ':what',
    'imported-file' => 'imported from a file',
    'imported-readings' => 'readings imported from a table',
    'swept' => 'studs and live zones of a sweep',
    'back-to' => 'back to change :n',
    'copied' => 'copied from :name',
    'named' => 'named :name',
    'begun' => 'begun',
    'demo' => 'measured and planned',
    'chose' => 'used an option: :what',
    'rule' => 'house rule: :what',
];
