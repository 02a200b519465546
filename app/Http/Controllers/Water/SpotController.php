<?php

declare(strict_types=1);

namespace App\Http\Controllers\Water;

use App\Http\Controllers\Controller;
use App\Http\Requests\KeepSpot;
use App\Models\Spot;
use App\Places\Fix;
use App\Readings\Spots;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Spots the angler knows. */
final class SpotController extends Controller
{
    /** Keeps where one is now as a spot, under the names given. */
    public function store(KeepSpot $request): RedirectResponse
    {
        $spot = Spots::keepHere($request->angler(), $request->water(), $request->spot());
        Fix::place($request->angler(), $spot->loadMissing('water'));

        return back()->with('said', "{$request->spot()} is kept.");
    }

    /** Goes to a spot the angler knows: its depth and bottom become today's. */
    public function goTo(Request $request, Spot $spot): RedirectResponse
    {
        Spots::goTo($this->angler($request), $spot);

        return back();
    }
}
