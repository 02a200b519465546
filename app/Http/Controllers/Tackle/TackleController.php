<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tackle;

use App\Data\Pages\TacklePage;
use App\Http\Controllers\Controller;
use App\Kits\Kits;
use App\Presenters\Tackle\BoxPresenter;
use App\Presenters\Tackle\StartingBoxPresenter;
use Eskith\Telling\Lure\AsidePresenter;
use Illuminate\Http\Request;
use Inertia\Response;

/** The tackle box. */
final class TackleController extends Controller
{
    public function __invoke(Request $request): Response
    {
        $user = $this->angler($request);
        $rankedBox = Kits::ranked($user);

        return (new TacklePage(
            AsidePresenter::of($rankedBox),
            BoxPresenter::of($user)->found($request->query()),
            $user->lures()->exists() ? [] : StartingBoxPresenter::offered($user, $rankedBox->book),
            $user->settings()->units->lureWeight->symbol(),
        ))->render();
    }
}
