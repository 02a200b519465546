<?php

declare(strict_types=1);

return [
    // Never in the angler's database: every page would be a writer there. Several web nodes share one with CACHE_STORE.
    'default' => env('CACHE_STORE', 'file'),
    // Who asks how often is counted at every write: in memory that the server's processes share, a tenth of what files cost.
    'limiter' => env('CACHE_LIMITER', extension_loaded('apcu') ? 'memory' : env('CACHE_STORE', 'file')),
    'stores' => [
        'file' => [
            'driver' => 'file',
            'path' => env('CACHE_FILES', storage_path('framework/cache/data')),
            'lock_path' => env('CACHE_FILES', storage_path('framework/cache/data')),
        ],
        // Of this folder alone, where others are served by the same processes.
        'memory' => ['driver' => 'apc', 'prefix' => 'eskith '.dirname(__DIR__).' '],
    ],
    'prefix' => 'eskith',
];
