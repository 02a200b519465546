<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Controllers\Controller;
use App\Http\Requests\ChangePassword;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Str;

/** The password of the account. */
final class PasswordController extends Controller
{
    public function update(ChangePassword $request): RedirectResponse
    {
        $user = $request->angler();
        $user->forceFill(['password' => (string) $request->string('password'), 'remember_token' => Str::random(60)])->save();
        Auth::login($user);
        $request->session()->regenerate();

        return back()->with('said', 'Your password is changed. Other devices have to sign in again.');
    }
}
