<?php

declare(strict_types=1);

return [
    'default' => env('DB_CONNECTION', 'sqlite'),
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', storage_path('eskith.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // ms a writer waits for the one before it; every transaction is short.
            'busy_timeout' => 20000,
            'journal_mode' => 'wal',
            'synchronous' => 'normal',
            // kB of pages kept at hand: without them a large account's indexes are read over and over.
            'pragmas' => ['cache_size' => -32000],
            // A server keeps its connection from request to request: the last one to close would tidy the whole file away
            // each time. What a request leaves open is rolled back at its end all the same.
            'options' => [PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', false)],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
];
