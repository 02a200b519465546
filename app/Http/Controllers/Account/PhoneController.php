<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Data\Pages\PhonePage;
use App\Http\Controllers\Controller;
use Inertia\Response;

/** What this phone is used for, and what that costs. */
final class PhoneController extends Controller
{
    public function __invoke(): Response
    {
        return (new PhonePage)->render();
    }
}
