<?php

declare(strict_types=1);

namespace App\Http\Controllers\Water;

use App\Http\Controllers\Controller;
use App\Http\Requests\Measured;
use App\Measuring\Measurements;
use App\Models\Measurement;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Carbon;

/** What the angler measures takes the place of the estimate, until it is taken away again. */
final class MeasurementController extends Controller
{
    public function store(Measured $request): RedirectResponse
    {
        return back()->with(
            'said', Measurements::of($request->angler())->keep($request->uuid(), $request->typed(), Carbon::now()),
        );
    }

    public function destroy(Measurement $measurement): RedirectResponse
    {
        $measurement->delete();

        return back()->with('said', 'Taken away; the estimate is used again.');
    }
}
