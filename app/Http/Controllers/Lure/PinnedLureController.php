<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lure;

use App\Http\Controllers\Controller;
use App\Http\Requests\PinLure;
use Illuminate\Http\Response;

/** The lure kept in the list wherever it ranks; the one before it is let go. */
final class PinnedLureController extends Controller
{
    public function update(PinLure $request): Response
    {
        $user = $request->angler();
        $lure = $request->lure();
        $user->update(['pinned_lure_id' => $lure === null ? null : $user->lures()->inBox()->findOrFail($lure)->id]);

        return response()->noContent();
    }
}
