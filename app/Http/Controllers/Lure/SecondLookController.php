<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lure;

use App\Http\Controllers\Controller;
use App\Kits\Kits;
use App\Presenters\LookBack\RepeatPresenter;
use Eskith\Telling\Lure\SecondLookPresenter;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What other schools would tie on, and what would change the choice. */
final class SecondLookController extends Controller
{
    public function __invoke(Request $request): JsonResponse
    {
        $user = $this->angler($request);
        $rankedBox = Kits::ranked($user, ReadingBook::among($request->query()));

        return response()->json(SecondLookPresenter::of($rankedBox, RepeatPresenter::here($user, $rankedBox)));
    }
}
