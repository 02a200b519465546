<?php

declare(strict_types=1);

namespace App\Http\Controllers\Water;

use App\Http\Controllers\Controller;
use App\Http\Requests\KeepSpot;
use App\Models\Spot;
use App\Places\Fix;
use App\Readings\Spots;
use App\Record\Logbook;
use App\Record\Moves;
use Eskith\Core\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** Spots the angler knows. */
final class SpotController extends Controller
{
    /** Keeps where one is now as a spot, under the names given. */
    public function store(KeepSpot $request): RedirectResponse
    {
        $spot = Spots::keepHere($request->angler(), $request->water(), $request->spot());
        $outing = Logbook::of($request->angler())->underWay();
        if ($outing !== null) {
            Moves::of($request->angler())->named($outing, $spot);
        }
        Fix::place($request->angler(), $spot->loadMissing('water'));

        return back()->with('said', Words::of('{spot} is kept.', spot: $request->spot()));
    }

    /** Goes to a spot the angler knows: its depth and bottom become today's, and an outing under way goes on there. */
    public function goTo(Request $request, Spot $spot): RedirectResponse
    {
        $user = $this->angler($request);
        $outing = Logbook::of($user)->underWay();
        if ($outing === null) {
            Spots::goTo($user, $spot);
        } else {
            Moves::of($user)->move($outing, (string) Str::uuid(), $spot, Carbon::now());
        }

        return back();
    }
}
