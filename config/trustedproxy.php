<?php

declare(strict_types=1);

// Addresses of web servers in front of this one whose X-Forwarded headers are believed; none by default.
return ['proxies' => env('ESKITH_PROXIES')];
