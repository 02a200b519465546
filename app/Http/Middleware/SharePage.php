<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Data\Pages\SharedProps;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Inertia\Inertia;
use Inertia\Middleware;

/** What every page knows: who is signed in, the theme, the demo switch. */
final class SharePage extends Middleware
{
    protected $rootView = 'page';

    /** @return array<array-key, mixed> */
    public function share(Request $request): array
    {
        $user = $request->user();
        $said = $request->hasSession() ? $request->session()->get('said') : null;

        $shared = get_object_vars(new SharedProps(
            angler: $user instanceof User ? $user->name : null,
            theme: $user instanceof User ? $user->settings()->theme : 'day',
            demo: (bool) config('eskith.demo'),
            said: is_string($said) ? $said : null,
            anglerId: $user instanceof User ? $user->id : null,
            madeAt: Carbon::now()->toIso8601String(),
        ));

        return [
            ...parent::share($request), ...$shared,
            // Also where only a part of a page is asked for: that is how a page sees that somebody else has signed in.
            'anglerId' => Inertia::always($shared['anglerId']),
        ];
    }
}
