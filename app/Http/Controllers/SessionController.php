<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\StartVisit;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** Signing in and out, and opening the demo. */
final class SessionController extends Controller
{
    public function create(): Response
    {
        return Inertia::render('SignIn');
    }

    public function store(Request $request): RedirectResponse
    {
        $given = $request->validate([
            'email' => ['required', 'string', 'email'],
            'password' => ['required', 'string'],
        ], ['required' => 'Fill in your :attribute.', 'email' => 'That is not an e-mail address.']);
        $remember = $request->boolean('remember');
        $plain = [...$given, 'email' => User::address($given['email'])];
        // An account from before addresses were told apart without their case may still have a spelling of its own.
        if (! Auth::attempt($plain, $remember) && ($plain === $given || ! Auth::attempt($given, $remember))) {
            throw ValidationException::withMessages(['email' => 'E-mail and password do not belong together.']);
        }
        $request->session()->regenerate();

        $wanted = $request->cookie(StartVisit::WANTED);

        return redirect()->intended(is_string($wanted) ? $wanted : '/')->withoutCookie(StartVisit::WANTED);
    }

    public function demo(Request $request): RedirectResponse
    {
        abort_unless((bool) config('eskith.demo'), 404);
        Auth::login(User::query()->where('email', config('eskith.demo_email'))->firstOrFail());
        $request->session()->regenerate();

        return redirect('/');
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/sign-in');
    }
}
