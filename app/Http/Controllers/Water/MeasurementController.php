<?php

declare(strict_types=1);

namespace App\Http\Controllers\Water;

use App\Choosing\SingleDrop;
use App\Enums\MeasurementKind;
use App\Http\Controllers\Controller;
use App\Http\Requests\Measured;
use App\Measuring\Measurements;
use App\Models\Measurement;
use App\Presenters\Water\MeasuredWords;
use Illuminate\Http\RedirectResponse;

/** What the angler measures takes the place of the estimate, until it is taken away again. */
final class MeasurementController extends Controller
{
    public function store(Measured $request): RedirectResponse
    {
        $measurements = Measurements::of($request->angler());
        if ($measurements->has($request->uuid())) {
            return back()->with('said', 'Kept already.');
        }
        $drop = $request->kind() === MeasurementKind::Drift ? null : SingleDrop::at($request->angler(), $request->pick());
        $words = new MeasuredWords($request->angler());

        return back()->with('said', match (true) {
            $drop === null => $words->drift($measurements->drift($request->uuid(), $request->distance() / $request->seconds())),
            $request->kind() === MeasurementKind::Drop => $words->drop($measurements->drop($request->uuid(), $drop, $request->seconds())),
            default => $words->hang($measurements->hang($request->uuid(), $drop, $request->angle())),
        });
    }

    public function destroy(Measurement $measurement): RedirectResponse
    {
        $measurement->delete();

        return back()->with('said', 'Taken away; the estimate is used again.');
    }
}
