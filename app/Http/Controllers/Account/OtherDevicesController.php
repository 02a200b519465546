<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Controllers\Controller;
use App\Http\Requests\SignOutOthers;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Str;

/** The visits of all other devices. */
final class OtherDevicesController extends Controller
{
    public function destroy(SignOutOthers $request): RedirectResponse
    {
        $user = $request->angler();
        Auth::logoutOtherDevices($request->password());
        $user->refresh()->forceFill(['remember_token' => Str::random(60)])->save();

        return back()->with('said', 'Every other device is signed out.');
    }
}
