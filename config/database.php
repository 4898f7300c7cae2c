<?php

declare(strict_types=1);

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('yoke-line.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // Readers never wait for a writer, and writers wait for each other instead of failing.
            // Kept open from page to page: whoever closes the last connection writes the whole log back, which takes longer than a page.
            'options' => env('DB_PERSISTENT', true) ? [PDO::ATTR_PERSISTENT => true] : [],
            'journal_mode' => 'wal',
            'busy_timeout' => 5000,
            'synchronous' => 'normal',
            'transaction_mode' => 'IMMEDIATE',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
];
