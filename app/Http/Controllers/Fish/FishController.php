<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fish;

use App\Data\Pages\FishPage;
use App\Http\Controllers\Controller;
use App\Presenters\Fish\OutingPresenter;
use App\Presenters\Lure\AnswerPresenter;
use App\Record\Logbook;
use Illuminate\Http\Request;
use Inertia\Response;

/** The Fish station. */
final class FishController extends Controller
{
    public function __invoke(Request $request, OutingPresenter $presenter, AnswerPresenter $answers): Response
    {
        $user = $this->angler($request);
        $outing = Logbook::of($user)->underWay();

        return ($outing === null ? new FishPage(null, $answers->today($user)) : new FishPage(...$presenter->now($user, $outing)))->render();
    }
}
