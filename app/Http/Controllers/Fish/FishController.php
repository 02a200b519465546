<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fish;

use App\Data\Pages\FishPage;
use App\Http\Controllers\Controller;
use App\Kits\Kits;
use App\Presenters\Fish\OutingPresenter;
use App\Presenters\Places\TodayPresenter;
use App\Presenters\Plans\PlanPresenter;
use App\Record\Logbook;
use App\Record\OutingKeeper;
use Eskith\Telling\Data\OptionData;
use Eskith\Telling\Lure\AnswerPresenter;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Inertia\Response;

/** The Fish station. */
final class FishController extends Controller
{
    public function __invoke(Request $request, OutingPresenter $presenter, TodayPresenter $todays): Response
    {
        $user = $this->angler($request);
        $outing = Logbook::of($user)->underWay();

        if ($outing === null) {
            $last = Logbook::of($user)->reopenable();
            $away = OutingKeeper::of($user)->takenAway();

            $rankedBox = Kits::ranked($user);
            $blank = $presenter->blank($user, $rankedBox->book);

            return (new FishPage(
                outing: null, blank: $blank, answer: AnswerPresenter::chosen($rankedBox), box: OutingPresenter::box($rankedBox),
                reopen: $last === null ? null : new OptionData($last->uuid, $last->place),
                spots: OutingPresenter::spots($user, $blank->waterId),
                takenAway: $away === null ? null : new OptionData($away->uuid, $away->place),
            ))->render();
        }
        [$data, $answer, $rankedBox] = $presenter->now($user, $outing);
        $spot = $outing->spotAt();
        $plan = $user->plans()->standing()->where('outing_id', $outing->id)->first();
        $drop = $plan === null || $answer->chosen === null ? null : Kits::drop($user, $answer->chosen->key);

        return (new FishPage(
            outing: $data, answer: $answer,
            plan: $plan === null ? null : PlanPresenter::of($user, $drop)->one($plan), box: OutingPresenter::box($rankedBox),
            spots: OutingPresenter::spots($user, $spot?->water_id),
            today: $spot === null ? null : $todays->of($rankedBox->book, $spot->water, $spot, Carbon::now()),
        ))->render();
    }
}
