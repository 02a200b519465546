<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tackle;

use App\Http\Controllers\Controller;
use App\Http\Requests\TickOff;
use App\Tackle\GearKeeper;
use Eskith\Core\Words\Words;
use Illuminate\Http\RedirectResponse;

/** What was due and is done. */
final class UpkeepController extends Controller
{
    public function store(TickOff $request): RedirectResponse
    {
        $done = GearKeeper::of($request->angler())->tickOff($request->uuid(), $request->item());

        return back()->with('said', $done === null ? 'Written down already.' : Words::of('{done}: written down.', done: $done));
    }
}
