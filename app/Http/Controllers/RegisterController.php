<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Account\SoundPassword;
use App\Models\User;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

final class RegisterController extends Controller
{
    private const TAKEN = 'There is an account with this e-mail already; sign in instead.';

    public function create(): Response
    {
        return Inertia::render('Register');
    }

    public function store(Request $request): RedirectResponse
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:190', self::isFree(...)],
            'password' => ['required', new SoundPassword],
        ], [
            'required' => 'Fill in your :attribute.',
            'email.email' => 'That is not an e-mail address.',
        ]);
        $email = User::address($given['email']);
        $user = User::query()->createOrFirst(['email' => $email], ['name' => $given['name'], 'password' => $given['password']]);
        if (! $user->wasRecentlyCreated) {
            throw ValidationException::withMessages(['email' => self::TAKEN]);
        }
        Auth::login($user);
        $request->session()->regenerate();

        return redirect('/tackle')->with('said', 'Your account is ready. Put in the first lures you own.');
    }

    /** @param  Closure(string): mixed  $fail */
    private static function isFree(string $attribute, mixed $value, Closure $fail): void
    {
        if (is_string($value) && User::query()->where('email', User::address($value))->exists()) {
            $fail(self::TAKEN);
        }
    }
}
