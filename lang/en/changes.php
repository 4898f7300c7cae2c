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
    'patterned' => 'begun like :name',
    'copied' => 'copied from :name',
    'named' => 'named :name',
    'begun' => 'begun',
    'demo' => 'measured and planned',
    'chose' => 'used an option: :what',
    'rule' => 'house rule: :what_within',
    // What others did meanwhile.
    'over-yours-at' => ':who set :what_within of :name to :is; you had :was.',
    'password-changed' => 'The password of your account was changed on :on. If it was not you, tell the owner.',
    'over-yours' => ':who set :what_within to :is; you had :was.',
    'had-set' => ':who had set :what_within to :was in the meantime; yours, :is, is used.',
    'yours-stands' => ':who set :what_within to :is in the meantime; yours is used.',
    'changed' => ':who changed :what_within in the meantime: :was → :is.',
    'removed' => ':What was removed by :who in the meantime. What you typed was not saved elsewhere; add it again if it is still there.',
    'set-since' => ':What was changed since; it stays :is.',
    'someone' => 'someone',
];
