<?php

declare(strict_types=1);

/*
 * The way in under ./yoke up. What lies in public/ is sent as it lies there: small where the browser takes it so, for
 * good where its name changes with what is in it, else with a mark by which it is not sent twice. All else is asked of
 * the application.
 */

(function (): void {
    $public = dirname(__DIR__).'/public';
    $path = rawurldecode(parse_url($_SERVER['REQUEST_URI'] ?? '/', PHP_URL_PATH) ?: '/');
    $types = [
        'css' => 'text/css; charset=utf-8',
        'html' => 'text/html; charset=utf-8',
        'js' => 'text/javascript; charset=utf-8',
        'json' => 'application/json',
        'png' => 'image/png',
        'svg' => 'image/svg+xml',
        'txt' => 'text/plain; charset=utf-8',
        'webmanifest' => 'application/manifest+json',
        'woff2' => 'font/woff2',
    ];
    $type = $types[pathinfo($path, PATHINFO_EXTENSION)] ?? null;
    $file = $type === null || str_contains($path, '/.') ? false : realpath($public.$path);
    $isRead = in_array($_SERVER['REQUEST_METHOD'] ?? '', ['GET', 'HEAD'], true);
    if ($file === false || ! str_starts_with($file, "{$public}/") || ! is_file($file) || ! $isRead) {
        require $public.'/index.php';

        return;
    }
    $takes = array_map(trim(...), explode(',', $_SERVER['HTTP_ACCEPT_ENCODING'] ?? ''));
    $sent = $file;
    foreach (['br' => 'br', 'gz' => 'gzip'] as $end => $encoding) {
        $packed = "{$file}.{$end}";
        // One that is older than what it was made from tells nothing.
        if (in_array($encoding, $takes, true) && is_file($packed) && filemtime($packed) >= filemtime($file)) {
            $sent = $packed;
            header("Content-Encoding: {$encoding}");
            break;
        }
    }
    $mark = '"'.dechex((int) filemtime($sent)).'-'.dechex((int) filesize($sent)).'"';
    header("Content-Type: {$type}");
    header('X-Content-Type-Options: nosniff');
    header('Vary: Accept-Encoding');
    header("ETag: {$mark}");
    header(str_starts_with($path, '/build/assets/')
        ? 'Cache-Control: public, max-age=31536000, immutable'
        : 'Cache-Control: no-cache');
    if (($_SERVER['HTTP_IF_NONE_MATCH'] ?? '') === $mark) {
        http_response_code(304);

        return;
    }
    header('Content-Length: '.filesize($sent));
    if ($_SERVER['REQUEST_METHOD'] === 'GET') {
        readfile($sent);
    }
})();
