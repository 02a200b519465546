<?php

declare(strict_types=1);

return [
    // Never in the angler's database: every page would be a writer there. Several web nodes share one with SESSION_DRIVER.
    'driver' => env('SESSION_DRIVER', 'file'),
    'files' => env('SESSION_FILES', storage_path('framework/sessions')),
    'lifetime' => 60 * 24 * 14,
    'cookie' => 'eskith_session',
    'http_only' => true,
    'same_site' => 'lax',
    'secure' => env('SESSION_SECURE_COOKIE'),
];
