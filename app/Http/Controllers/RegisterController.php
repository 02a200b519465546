<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rules\Password;
use Inertia\Inertia;
use Inertia\Response;

final class RegisterController extends Controller
{
    public function create(): Response
    {
        return Inertia::render('Register');
    }

    public function store(Request $request): RedirectResponse
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:190', 'unique:users'],
            'password' => ['required', Password::min(8)],
        ], [
            'required' => 'Fill in your :attribute.',
            'email.email' => 'That is not an e-mail address.',
            'unique' => 'There is an account with this e-mail already; sign in instead.',
            'password.min' => 'A password needs at least 8 characters.',
        ]);
        $user = User::query()->create($given);
        Auth::login($user);
        $request->session()->regenerate();

        return redirect('/tackle')->with('said', 'Your account is ready. Put in the first lures you own.');
    }
}
