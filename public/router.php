<?php

declare(strict_types=1);

// For PHP's own web server: files as they are (built ones may be kept, their names change with their contents), the rest to Laravel.
$path = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = realpath(__DIR__.$path);
if ($path !== '/' && $file !== false && is_file($file) && str_starts_with($file, __DIR__.DIRECTORY_SEPARATOR) && ! str_ends_with($file, '.php')) {
    if (! str_starts_with($path, '/build/')) {
        return false;
    }
    $types = ['js' => 'text/javascript', 'css' => 'text/css', 'woff2' => 'font/woff2', 'woff' => 'font/woff', 'svg' => 'image/svg+xml', 'json' => 'application/json'];
    header('Content-Type: '.($types[pathinfo($file, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    header('Cache-Control: public, max-age=31536000, immutable');
    readfile($file);

    return true;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';
require __DIR__.'/index.php';
