<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tackle;

use App\Http\Controllers\Controller;
use App\Http\Requests\TakeStartingBox;
use App\Tackle\StartingBoxes;
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
            (
                $count === 1 ? 'A usual lure is' : "{$count} usual lures are"
            ).' in the box. Say which are yours, or strike them out, under Tackle box.',
        );
    }
}
