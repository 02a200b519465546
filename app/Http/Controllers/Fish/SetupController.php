<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fish;

use App\Http\Controllers\Controller;
use App\Http\Requests\TieOnTap;
use App\Kits\TyingOn;
use Illuminate\Http\RedirectResponse;

/** What is tied on: it starts an outing where none is under way. */
final class SetupController extends Controller
{
    public function store(TieOnTap $request): RedirectResponse
    {
        TyingOn::of($request->angler())->tie(
            $request->uuid(), $request->lure(), $request->hole(), $request->cadence(), $request->rod(),
        );

        return to_route('fish');
    }
}
