<?php

declare(strict_types=1);

// For PHP's built-in server: files in public/ as they are, everything else through the application.

$public = dirname(__DIR__, 2).'/public';
$path = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));

if ($path !== '/' && is_file($public.$path) && ! str_contains($path, '..')) {
    return false;
}

chdir($public);
$_SERVER['SCRIPT_FILENAME'] = $public.'/index.php';
$_SERVER['SCRIPT_NAME'] = '/index.php';

require $public.'/index.php';
