<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lure;

use App\Data\Pages\LurePage;
use App\Http\Controllers\Controller;
use App\Presenters\Fish\OutingPresenter;
use App\Presenters\Lure\TodaysAnswer;
use App\Record\Logbook;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Http\Request;
use Inertia\Response;

/** The stations that show the drop. */
final class StationController extends Controller
{
    public function lure(Request $request): Response
    {
        $user = $this->angler($request);
        $outing = Logbook::of($user)->underWay();
        [$answer, $trouble] = TodaysAnswer::orTrouble(
            $user, ReadingBook::among($request->query()), $this->textOrNull($request, 'pick'), $this->textOrNull($request, 'family'),
        );

        return (new LurePage(
            answer: $answer,
            trouble: $trouble,
            tied: $outing === null ? null : OutingPresenter::tied($user, $outing),
            outing: $outing?->uuid,
            severalRods: $user->rods()->onBoard()->count() > 1,
        ))->render();
    }
}
