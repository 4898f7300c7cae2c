<?php

declare(strict_types=1);

$data = require __DIR__.'/../bootstrap/data.php';

return [
    'name' => 'Yoke Line',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8400'),
    // Names this machine is called by; others are not answered.
    'hosts' => explode(',', strtolower((string) env('YOKE_HOSTS', '127.0.0.1,localhost,[::1]'))),
    // Whether everybody signs in, as in a firm; else who opens it on this machine may do everything.
    'sign_in' => (bool) env('YOKE_SIGN_IN', false),
    // Who is believed about whom a request came from: a proxy on this machine.
    'proxies' => array_filter(explode(',', (string) env('YOKE_PROXIES', ''))),
    // Where phones are helped to trust this house.
    'plain_url' => env('YOKE_PLAIN_URL'),
    'backups' => env('BACKUPS_FOLDER', "{$data}/backups"),
    // What signs the certificate that this machine serves with; a phone that trusts it trusts this house.
    'certificate' => env('YOKE_CERTIFICATE', ''),
    'photos' => env('PHOTOS_FOLDER', "{$data}/photos"),
    'timezone' => env('APP_TIMEZONE', 'UTC'),
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'previous_keys' => [],
    'maintenance' => ['driver' => 'file'],
];
