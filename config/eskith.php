<?php

declare(strict_types=1);

return [
    // Only then a button on the sign-in page opens the demo.
    'demo' => (bool) env('ESKITH_DEMO', false),
    'demo_email' => 'demo@eskith.invalid',
    // Names beside that of APP_URL under which it answers, separated by commas; * stands for one part of a name.
    'hosts' => env('ESKITH_HOSTS', ''),
];
