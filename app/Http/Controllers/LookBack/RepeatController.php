<?php

declare(strict_types=1);

namespace App\Http\Controllers\LookBack;

use App\Http\Controllers\Controller;
use App\Models\Setup;
use App\Repeating\Repeat;
use Eskith\Core\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A past moment is set up again. */
final class RepeatController extends Controller
{
    public function __invoke(Request $request, string $setup): RedirectResponse
    {
        $user = $this->angler($request);
        $found = Setup::query()->where('user_id', $user->id)->where('uuid', $setup)->with('outing')->firstOrFail();
        Repeat::from($user, $found);

        return redirect('/lure?'.http_build_query(['pick' => $found->key()]))->with(
            'said', Words::of(
                'Set up as at {place}: its readings, its cadence, and its plan if it had one.',
                place: $found->outing->place,
            ),
        );
    }
}
