<?php

declare(strict_types=1);

namespace App\Http\Controllers\Water;

use App\Data\Pages\WaterPage;
use App\Http\Controllers\Controller;
use App\Presenters\Lure\TodaysAnswer;
use App\Presenters\Places\TodayPresenter;
use App\Presenters\Water\CalibrationPresenter;
use App\Presenters\Water\PlacePresenter;
use App\Readings\TodaysReadings;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Inertia\Response;

/** The Water station: where one is, every reading, and what follows for the drop. */
final class WaterController extends Controller
{
    /** Parts of the station, by their name in the address. */
    public const VIEWS = ['readings', 'drop', 'chart', 'angle', 'cast', 'calibrate', 'instruments'];

    public function __invoke(
        Request $request, CalibrationPresenter $calibrations, TodayPresenter $todays,
    ): Response {
        $user = $this->angler($request);
        [$answer, $trouble] = TodaysAnswer::orTrouble($user, ReadingBook::among($request->query()), $this->textOrNull($request, 'pick'));
        $book = TodaysReadings::of($user);
        $view = $this->textOrNull($request, 'view');
        $spot = $user->spots()->with('water')->find($book->spotId);

        return (new WaterPage(
            answer: $answer,
            trouble: $trouble,
            view: in_array($view, self::VIEWS, true) ? $view : 'readings',
            places: PlacePresenter::all($user),
            spotId: $book->spotId,
            lines: PlacePresenter::lines($user),
            measurements: $calibrations->all($user, $book),
            today: $spot === null ? null : $todays->of($book, $spot->water, $spot, Carbon::now()), waterId: $spot?->water_id,
        ))->render();
    }
}
