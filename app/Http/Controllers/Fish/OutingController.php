<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fish;

use App\Data\Pages\OutingPage;
use App\Data\Pages\OutingsPage;
use App\Http\Controllers\Controller;
use App\Http\Requests\JoinOutings;
use App\Http\Requests\NoteOuting;
use App\Http\Requests\StartOuting;
use App\Mending\MadeUpReadings;
use App\Models\Outing;
use App\Presenters\Fish\OutingLogPresenter;
use App\Presenters\Fish\OutingPresenter;
use App\Presenters\Places\TrackPresenter;
use App\Record\Logbook;
use App\Record\OutingKeeper;
use Eskith\Core\Words\Words;
use Eskith\Telling\Data\OptionData;
use Eskith\Telling\Lure\AsidePresenter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Response;

/** Outings of before and the one under way: begun, looked at, noted, joined, taken away and brought back. */
final class OutingController extends Controller
{
    public function index(Request $request): Response
    {
        $user = $this->angler($request);
        $away = OutingKeeper::of($user)->takenAway();
        $outings = OutingLogPresenter::of($user)->all();
        $years = array_map(static fn ($outing): int => (int) substr($outing->startedAt, 0, 4), $outings);

        return (new OutingsPage(
            $outings, array_values(array_unique($years)),
            $away === null ? null : new OptionData($away->uuid, $away->place),
        ))->render();
    }

    /** Into which what waits on a device can be put, the newest first. */
    public function choices(Request $request): JsonResponse
    {
        return response()->json(['outings' => OutingLogPresenter::of($this->angler($request))->choices()]);
    }

    public function show(Request $request, Outing $outing): Response
    {
        abort_if($outing->deleted_at !== null, 404);
        $user = $this->angler($request);
        $log = OutingLogPresenter::of($user);

        return (new OutingPage(
            outing: $log->one($outing),
            setups: $log->setups($outing),
            events: $log->events($outing),
            joinable: $log->joinable($outing),
            rods: $log->rods($outing),
            pads: OutingPresenter::pads(),
            endedAt: $outing->ended_at?->toIso8601String(),
            sought: $outing->readings['species'] ?? 'walleye',
            aside: AsidePresenter::all(MadeUpReadings::ofOuting($outing)),
            chart: TrackPresenter::of($user)->chart($outing),
        ))->render();
    }

    /** With nothing on a rod yet. */
    public function store(StartOuting $request): RedirectResponse
    {
        Logbook::of($request->angler())->start($request->uuid());

        return to_route('fish');
    }

    public function update(NoteOuting $request, Outing $outing): RedirectResponse
    {
        OutingKeeper::of($request->angler())->note($outing, $request->note());

        return back()->with('said', 'Noted.');
    }

    public function destroy(Request $request, Outing $outing): RedirectResponse
    {
        OutingKeeper::of($this->angler($request))->takeAway($outing);

        return to_route('outings.index')->with('said', Words::of(
            'The outing at {place} is taken away; for a day it can be brought back.', place: $outing->place,
        ));
    }

    public function bringBack(Request $request, Outing $outing): RedirectResponse
    {
        OutingKeeper::of($this->angler($request))->bringBack($outing);

        return to_route('outings.show', $outing->uuid)->with('said', Words::of('The outing at {place} is back.', place: $outing->place));
    }

    public function join(JoinOutings $request, Outing $outing): RedirectResponse
    {
        $into = $request->into();
        OutingKeeper::of($request->angler())->join($outing, $into);

        return to_route('outings.show', $into->uuid)->with('said', 'The two are one outing now.');
    }
}
