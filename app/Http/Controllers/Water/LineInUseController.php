<?php

declare(strict_types=1);

namespace App\Http\Controllers\Water;

use App\Http\Controllers\Controller;
use App\Http\Requests\ChangeLine;
use App\Tackle\GearKeeper;
use Illuminate\Http\RedirectResponse;

/** The main line on the reel. */
final class LineInUseController extends Controller
{
    public function update(ChangeLine $request): RedirectResponse
    {
        GearKeeper::of($request->angler())->putOnTheReel($request->integer('line'));

        return back();
    }
}
