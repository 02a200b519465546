<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Account\Closing;
use App\Data\Pages\AccountPage;
use App\Http\Controllers\Controller;
use App\Http\Requests\CloseAccount;
use App\Kits\RecordCache;
use App\Places\WaterChart;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Inertia\Inertia;
use Inertia\Response;

/** The account itself, and its end. */
final class AccountController extends Controller
{
    public function show(Request $request): Response
    {
        $user = $this->angler($request);

        return (new AccountPage($user->email, $user->isDemo()))->render();
    }

    public function destroy(CloseAccount $request): RedirectResponse
    {
        $user = $request->angler();
        $waters = $user->waters()->pluck('id');
        Auth::logout();
        Closing::of($user);
        // What was worked out of it goes too.
        RecordCache::forget($user->id);
        $waters->each(static fn (mixed $water) => WaterChart::forget(Coerce::whole($water)));
        $request->session()->invalidate();
        $request->session()->regenerateToken();
        Inertia::clearHistory();

        return to_route('login')->with('said', 'The account and everything in it is gone.');
    }
}
