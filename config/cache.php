<?php

declare(strict_types=1);

return [
    // Never in the angler's database: every page would be a writer there. Several web nodes share one with CACHE_STORE.
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'file' => [
            'driver' => 'file',
            'path' => env('CACHE_FILES', storage_path('framework/cache/data')),
            'lock_path' => env('CACHE_FILES', storage_path('framework/cache/data')),
        ],
    ],
    'prefix' => 'eskith',
];
