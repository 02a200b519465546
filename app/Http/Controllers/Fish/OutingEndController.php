<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fish;

use App\Http\Controllers\Controller;
use App\Models\Outing;
use App\Record\Logbook;
use Eskith\Core\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The end of an outing. */
final class OutingEndController extends Controller
{
    public function store(Request $request, Outing $outing): RedirectResponse
    {
        Logbook::of($this->angler($request))->end($outing, $request->boolean('at_last_tap'));

        return to_route('fish')->with('said', Words::of('The outing at {place} is ended and kept.', place: $outing->place));
    }

    /** Goes on with the last one. */
    public function destroy(Request $request, Outing $outing): RedirectResponse
    {
        Logbook::of($this->angler($request))->reopen($outing);

        return to_route('fish');
    }
}
