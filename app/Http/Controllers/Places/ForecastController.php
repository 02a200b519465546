<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Http\Controllers\Controller;
use App\Http\Requests\KeepForecast;
use App\Instruments\KeptForecasts;
use App\Models\Water;
use Eskith\Core\Words\Words;
use Illuminate\Http\RedirectResponse;

/** The forecast of a water, as its angler sets it. */
final class ForecastController extends Controller
{
    public function store(KeepForecast $request, Water $water): RedirectResponse
    {
        KeptForecasts::keep($water, $request->forecast(), $request->address());

        return back()->with('said', Words::of('The forecast for {water} is kept.', water: $water->name));
    }

    public function destroy(Water $water): RedirectResponse
    {
        $water->update(['forecast' => null, 'forecast_address' => null, 'forecast_at' => null]);

        return back();
    }
}
