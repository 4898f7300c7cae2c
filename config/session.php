<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 60 * 24 * 30,
    'connection' => env('SESSION_CONNECTION', 'sessions'),
    'table' => 'sessions',
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    'lottery' => [1, 1000],
    // Over HTTPS a browser takes it from this very host only.
    'cookie' => env('SESSION_SECURE') ? '__Host-yoke_line' : 'yoke_line',
    'path' => '/',
    'domain' => null,
    'secure' => env('SESSION_SECURE'),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
