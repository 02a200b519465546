<?php

declare(strict_types=1);

namespace App\Http\Controllers;

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
        if (! Auth::attempt($given, $request->boolean('remember'))) {
            throw ValidationException::withMessages(['email' => 'E-mail and password do not belong together.']);
        }
        $request->session()->regenerate();

        return redirect()->intended('/');
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
