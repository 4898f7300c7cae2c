<?php

declare(strict_types=1);

$data = require __DIR__.'/../bootstrap/data.php';

return [
    'default' => env('DB_CONNECTION', 'sqlite'),
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', "{$data}/yoke-line.sqlite"),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // Readers never wait for a writer, and writers wait for each other instead of failing.
            // Kept open from page to page: whoever closes the last connection writes the whole log back, which takes longer than a page.
            'options' => env('DB_PERSISTENT', true) ? [PDO::ATTR_PERSISTENT => true] : [],
            'journal_mode' => 'wal',
            // A transaction takes the lock when it begins (App\Database\LockingPdo) and is over in milliseconds: so long one may wait in a queue.
            'busy_timeout' => 20000,
            // What was answered as kept outlives a power cut.
            'synchronous' => 'full',
        ],
        // Where one machine's file is outgrown.
        'pgsql' => [
            'driver' => 'pgsql',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '5432'),
            'database' => env('DB_DATABASE', 'yoke_line'),
            'username' => env('DB_USERNAME', 'yoke_line'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8',
            'prefix' => '',
            'search_path' => 'public',
            'sslmode' => env('DB_SSLMODE', 'prefer'),
        ],
        // Who has signed in where: written at every page, so in a file of its own, and lost with no harm.
        'sessions' => [
            'driver' => 'sqlite',
            'database' => env('SESSIONS_DATABASE', "{$data}/sessions.sqlite"),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'journal_mode' => 'wal',
            'busy_timeout' => 20000,
            'synchronous' => 'normal',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
];
