<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Controllers\Controller;
use App\Http\Middleware\StartVisit;
use App\Http\Requests\SignIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** Signing in and out. */
final class SessionController extends Controller
{
    public function create(): Response
    {
        return Inertia::render('SignIn');
    }

    public function store(SignIn $request): RedirectResponse
    {
        $credentials = $request->credentials();
        if ($credentials === null) {
            // As long as a wrong password takes: nobody is told by the clock who has an account here.
            Hash::make((string) $request->string('password'));
        } elseif (Auth::attempt($credentials, $request->boolean('remember'))) {
            $request->session()->regenerate();
            $wanted = $request->cookie(StartVisit::WANTED);

            return redirect()->intended(
                is_string($wanted) ? $wanted : route('home', absolute: false),
            )->withoutCookie(StartVisit::WANTED);
        }
        throw ValidationException::withMessages(['email' => "E-mail and password don't match."]);
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
        // What was seen lies in the history of this browser, and nobody can read it there any more.
        Inertia::clearHistory();

        return to_route('login');
    }
}
