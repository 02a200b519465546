<?php

declare(strict_types=1);

namespace App\Http\Controllers\Places;

use App\Http\Controllers\Controller;
use App\Http\Requests\KeepTide;
use App\Instruments\Forecasts;
use App\Models\Water;
use App\Places\WaterBook;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Enums\TideFrom;
use Illuminate\Http\RedirectResponse;

/** The tide of a water: of the service, of the angler's own constants, or none. */
final class TideController extends Controller
{
    /** @throws InvalidInput when the service knows none for it */
    public function __invoke(KeepTide $request, Water $water, Forecasts $forecasts): RedirectResponse
    {
        $made = $request->from() === TideFrom::MadeUp ? $forecasts->tide($water) ?? throw InvalidInput::because(
            'from', $water->isMadeUp()
                ? 'Say where the water lies first; a tide is made up for its position.'
                : "Eskith makes no tide up for your own water. Type the tide's waves, or leave it without.",
        ) : null;
        WaterBook::of($request->angler())->tide($water, match ($request->from()) {
            TideFrom::None => null,
            TideFrom::MadeUp => [...$made ?? [], 'from' => TideFrom::MadeUp->value],
            TideFrom::Own => $request->own(),
        });

        return back();
    }
}
