<?php

declare(strict_types=1);

return [
    // Only then a button on the sign-in page opens the demo.
    'demo' => (bool) env('ESKITH_DEMO', false),
    'demo_email' => 'demo@eskith.invalid',
    // Names beside that of APP_URL under which it answers, separated by commas; * stands for one part of a name.
    'hosts' => env('ESKITH_HOSTS', ''),
    // Hosts that may be asked for forecasts, with their ports, separated by commas; none unless listed.
    'forecast_hosts' => env('ESKITH_FORECAST_HOSTS', ''),
    // s that a file of places may take to be read, and one of a whole account or its outings, which cannot be split.
    'file_seconds' => (int) env('ESKITH_FILE_SECONDS', 19),
    'archive_seconds' => (int) env('ESKITH_ARCHIVE_SECONDS', 110),
    // What one angler may write in a minute: far more than any thumb. Batches of taps, and readings that are dragged, come more often.
    'writes_a_minute' => (int) env('ESKITH_WRITES_A_MINUTE', 120),
    'often_a_minute' => (int) env('ESKITH_OFTEN_A_MINUTE', 1200),
];
