<?php

declare(strict_types=1);

use App\Data\Pages\NoSignalPage;
use Illuminate\Support\Facades\Route;

// Pages that a device keeps for whoever holds it: without a visit, so that nothing in them is of who fetched them.
Route::get('no-signal', static fn () => (new NoSignalPage)->render())->name('no-signal');
