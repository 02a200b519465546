<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rig;

use App\Data\Pages\RigPage;
use App\Http\Controllers\Controller;
use App\Http\Requests\KeepRod;
use App\Http\Requests\RetieTap;
use App\Presenters\Fish\BoardPresenter;
use App\Presenters\Lure\TodaysAnswer;
use App\Presenters\Rig\RodPresenter;
use App\Presenters\Water\PlacePresenter;
use App\Record\Logbook;
use App\Tackle\RodKeeper;
use Eskith\Telling\Choosing\SingleDrop;
use Eskith\Telling\Readings\ReadingBook;
use Eskith\Telling\Rig\RigPresenter;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Inertia\Response;

/** The Rig station: the rod at hand from reel to lure, checked before it is tied. */
final class RigController extends Controller
{
    public function show(Request $request): Response
    {
        $user = $this->angler($request);
        $tried = ReadingBook::among($request->query());
        [$answer, $trouble, $box] = TodaysAnswer::orTrouble($user, $tried, $this->textOrNull($request, 'pick'));
        $presenter = RodPresenter::of($user);

        return (new RigPage(
            answer: $answer,
            trouble: $trouble,
            rod: $presenter->rod(),
            rig: $answer->chosen === null
                ? null
                : RigPresenter::of($box->kit, SingleDrop::at($box->kit, $box->book, $answer->chosen->key)),
            lines: PlacePresenter::lines($user),
            materials: RodPresenter::materials(),
            connectors: RodPresenter::connectors(),
            rods: BoardPresenter::of($user)->rods(Logbook::of($user)->underWay()),
            ashore: $presenter->ashore(),
            tyings: $presenter->tyings(),
        ))->render();
    }

    public function update(KeepRod $request): RedirectResponse
    {
        RodKeeper::of($request->angler())->keep($request->rod(), $request->lineId());

        return back();
    }

    /** The leader was looked at and tied anew. */
    public function retie(RetieTap $request): HttpResponse
    {
        RodKeeper::of($request->angler())->retie($request->uuid(), $request->rod());

        return response()->noContent();
    }
}
