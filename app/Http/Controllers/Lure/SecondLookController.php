<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lure;

use App\Choosing\RankedBox;
use App\Http\Controllers\Controller;
use App\Presenters\Lure\SecondLookPresenter;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What other schools would tie on, and what would change the choice. */
final class SecondLookController extends Controller
{
    public function __invoke(Request $request): JsonResponse
    {
        return response()->json(SecondLookPresenter::of(RankedBox::today($this->angler($request), ReadingBook::among($request->query()))));
    }
}
