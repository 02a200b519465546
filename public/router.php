<?php

declare(strict_types=1);

// For PHP's own web server: files as they are (built ones packed where the browser takes that, and kept, since their
// names change with their contents), the rest to Laravel.
header_remove('X-Powered-By');
$path = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = str_contains($path, "\0") ? false : realpath(__DIR__.$path);
if (
    $path === '/'
        || $file === false
        || ! is_file($file)
        || ! str_starts_with($file, __DIR__.DIRECTORY_SEPARATOR)
        || preg_match('/\.(php|br|gz)$/', $file) === 1
) {
    $_SERVER['SCRIPT_NAME'] = '/index.php';
    require __DIR__.'/index.php';

    return true;
}
$types = [
    'js' => 'text/javascript', 'mjs' => 'text/javascript', 'wasm' => 'application/wasm', 'css' => 'text/css', 'woff2' => 'font/woff2', 'woff' => 'font/woff', 'svg' => 'image/svg+xml',
    'json' => 'application/json', 'webmanifest' => 'application/manifest+json', 'png' => 'image/png', 'txt' => 'text/plain; charset=utf-8',
];
header('Content-Type: '.($types[pathinfo($file, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
if ($path === '/build/sw.js') {
    // The worker serves the whole application, and is looked for anew each time.
    header('Service-Worker-Allowed: /');
    header('Cache-Control: no-cache');
} else {
    header('Cache-Control: public, max-age='.(str_starts_with($path, '/build/assets/') ? '31536000, immutable' : '3600'));
}
if (preg_match('#^/build/assets/worker-[^/]+\.js$#', $path) === 1) {
    // PHP is run in this worker alone, and nothing else is.
    header("Content-Security-Policy: default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; connect-src 'self'");
}
header('X-Content-Type-Options: nosniff');
header('Vary: Accept-Encoding');
ini_set('zlib.output_compression', '0');
$takes = array_map(
    trim(...),
    explode(',', (string) preg_replace('/;[^,]*/', '', strtolower((string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '')))),
);
foreach (['br' => 'br', 'gz' => 'gzip'] as $ending => $encoding) {
    if (in_array($encoding, $takes, true) && is_file("{$file}.{$ending}")) {
        header("Content-Encoding: {$encoding}");
        $file .= ".{$ending}";
        break;
    }
}
header('Content-Length: '.filesize($file));
readfile($file);

return true;
