<?php

declare(strict_types=1);

use App\Http\BoundedRequest;

header_remove('X-Powered-By');
define('LARAVEL_START', microtime(true));
require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->handleRequest(BoundedRequest::capture());
