<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Controllers\Controller;
use App\Http\Requests\RegisterAngler;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** A new account. */
final class RegisterController extends Controller
{
    public function create(): Response
    {
        return Inertia::render('Register');
    }

    public function store(RegisterAngler $request): RedirectResponse
    {
        ['email' => $email, 'name' => $name, 'password' => $password] = $request->account();
        $user = User::query()->createOrFirst(['email' => $email], ['name' => $name, 'password' => $password]);
        if (! $user->wasRecentlyCreated) {
            throw ValidationException::withMessages(['email' => RegisterAngler::TAKEN]);
        }
        Auth::login($user);
        $request->session()->regenerate();

        return to_route('first-day');
    }
}
