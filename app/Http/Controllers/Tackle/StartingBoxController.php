<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tackle;

use App\Http\Controllers\Controller;
use App\Http\Requests\TakeStartingBox;
use App\Tackle\StartingBoxes;
use Eskith\Core\Words\Words;
use Illuminate\Http\RedirectResponse;

/** The usual dozens. */
final class StartingBoxController extends Controller
{
    /** Some of a usual dozen, for a box that was empty; the first pick comes next. */
    public function store(TakeStartingBox $request): RedirectResponse
    {
        $count = StartingBoxes::of($request->angler())->take($request->uuid(), $request->kind(), $request->places());

        return to_route('lure')->with(
            'said',
            Words::of(
                '{count|A usual lure is|# usual lures are} in the box. Keep or strike out each under Tackle box.', count: $count,
            ),
        );
    }
}
