<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rig;

use App\Choosing\SingleDrop;
use App\Data\Pages\RigPage;
use App\Http\Controllers\Controller;
use App\Http\Requests\KeepRod;
use App\Http\Requests\RetieLeader;
use App\Presenters\Fish\BoardPresenter;
use App\Presenters\Lure\TodaysAnswer;
use App\Presenters\Rig\RigPresenter;
use App\Presenters\Water\PlacePresenter;
use App\Record\Logbook;
use App\Tackle\RodKeeper;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Data\Rig\RigData;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Http\JsonResponse;
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
        [$answer, $trouble] = TodaysAnswer::orTrouble($user, $tried, $this->textOrNull($request, 'pick'));
        $tried = $trouble === null ? $tried : [];
        $presenter = RigPresenter::of($user);

        return (new RigPage(
            answer: $answer,
            trouble: $trouble,
            rod: $presenter->rod(),
            rig: $answer->chosen === null ? null : $presenter->checked(SingleDrop::at($user, $answer->chosen->key, $tried)),
            lines: PlacePresenter::lines($user),
            materials: RigPresenter::materials(),
            connectors: RigPresenter::connectors(),
            rods: BoardPresenter::of($user)->rods(Logbook::of($user)->underWay()),
            ashore: $presenter->ashore(),
            tyings: $presenter->tyings(),
        ))->render();
    }

    /** The checks alone, for a lure and for readings that are kept or only tried. */
    public function checks(Request $request): JsonResponse
    {
        return response()->json($this->checked($request));
    }

    public function update(KeepRod $request): RedirectResponse
    {
        RodKeeper::of($request->angler())->keep($request->rod(), $request->lineId());

        return back();
    }

    /** The leader was looked at and tied anew. */
    public function retie(RetieLeader $request): HttpResponse
    {
        RodKeeper::of($request->angler())->retie($request->uuid(), $request->rod());

        return response()->noContent();
    }

    /** @throws InvalidInput */
    private function checked(Request $request): RigData
    {
        $user = $this->angler($request);

        return RigPresenter::of($user)->checked(
            SingleDrop::at($user, $this->text($request, 'pick'), ReadingBook::among($request->query())),
        );
    }
}
