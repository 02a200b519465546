<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tackle;

use App\Data\Pages\GearPage;
use App\Http\Controllers\Controller;
use App\Http\Requests\KeepGear;
use App\Models\Gear;
use App\Presenters\Tackle\BeforeYouGoPresenter;
use App\Presenters\Tackle\GearPresenter;
use App\Tackle\GearKeeper;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Response;

/** Lines, leaders, rods, reels, connectors and hooks, and what is due before the next outing. */
final class GearController extends Controller
{
    public function index(Request $request): Response
    {
        $user = $this->angler($request);

        return (new GearPage(BeforeYouGoPresenter::of($user)->due(), ...GearPresenter::of($user)->all()))->render();
    }

    public function store(KeepGear $request): RedirectResponse
    {
        $keeper = GearKeeper::of($request->angler());
        $request->isLine() ? $keeper->keepLine($request->line()) : $keeper->keep($request->gear());

        return back()->with('said', 'Kept.');
    }

    /** Puts gear away, or takes it back; its history stays. */
    public function destroy(Request $request, Gear $gear): RedirectResponse
    {
        return back()->with('said', GearKeeper::of($this->angler($request))->putAway($gear) ? 'Put away.' : 'Taken back.');
    }
}
