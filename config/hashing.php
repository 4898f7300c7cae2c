<?php

declare(strict_types=1);

// Passwords are hashed whole, however long: the usual way would cut them after 72 bytes.
return [
    'driver' => 'argon2id',
    'argon' => [
        'memory' => (int) env('HASH_MEMORY_KB', 65536),
        'threads' => 1,
        'time' => (int) env('HASH_TIMES', 4),
        'verify' => true,
    ],
    'rehash_on_login' => true,
];
