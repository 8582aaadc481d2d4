<?php

declare(strict_types=1);

// For PHP's built-in server: files in public/ as they are, everything else through the application.

$public = dirname(__DIR__, 2).'/public';
$path = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));

if ($path !== '/' && is_file($public.$path) && ! str_contains($path, '..')) {
    $types = [
        'css' => 'text/css; charset=UTF-8', 'js' => 'text/javascript; charset=UTF-8', 'svg' => 'image/svg+xml', 'woff2' => 'font/woff2',
        'jpg' => 'image/jpeg', 'png' => 'image/png', 'webp' => 'image/webp',
    ];
    $type = $types[pathinfo($path, PATHINFO_EXTENSION)] ?? null;
    if (! str_starts_with($path, '/build/') || $type === null) {
        return false;
    }
    // The name of a built file changes with what is in it: a browser asks for it once.
    header("Content-Type: $type");
    header('Content-Length: '.filesize($public.$path));
    header('Cache-Control: public, max-age=31536000, immutable');
    header('X-Content-Type-Options: nosniff');
    readfile($public.$path);

    return true;
}

chdir($public);
$_SERVER['SCRIPT_FILENAME'] = $public.'/index.php';
$_SERVER['SCRIPT_NAME'] = '/index.php';

require $public.'/index.php';
