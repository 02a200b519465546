<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Inertia\Inertia;
use Inertia\Response;

/** A page with nothing on it: what all others are measured against. */
final class EmptyController extends Controller
{
    public function __invoke(): Response
    {
        return Inertia::render('Empty');
    }
}
