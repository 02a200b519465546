<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Account\SoundPassword;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** A forgotten password, set anew by mail. */
final class PasswordController extends Controller
{
    public function ask(): Response
    {
        return Inertia::render('ForgotPassword');
    }

    /** Answers the same whether there is such an account or not. */
    public function send(Request $request): RedirectResponse
    {
        $given = $request->validate(['email' => ['required', 'string', 'email', 'max:190']], ['required' => 'Fill in your e-mail.', 'email' => 'That is not an e-mail address.']);
        try {
            Password::sendResetLink(['email' => User::address($given['email'])]);
        } catch (TransportExceptionInterface $down) {
            report($down);
            throw ValidationException::withMessages(['email' => 'The mail could not be sent; try again later, or ask who runs this Eskith.']);
        }

        return back()->with('said', 'If there is an account with this e-mail, a letter is on its way. It is good for an hour.');
    }

    public function edit(Request $request, string $token): Response
    {
        return Inertia::render('ResetPassword', ['token' => $token, 'email' => $this->text($request, 'email', '')]);
    }

    public function reset(Request $request): RedirectResponse
    {
        $given = $request->validate([
            'token' => ['required', 'string', 'max:200'], 'email' => ['required', 'string', 'email', 'max:190'], 'password' => ['required', new SoundPassword],
        ], ['required' => 'Fill in your :attribute.', 'email' => 'That is not an e-mail address.']);
        $status = Password::reset([...$given, 'email' => User::address($given['email'])], static function (User $user, string $password): void {
            $user->forceFill(['password' => $password, 'remember_token' => Str::random(60)])->save();
            Auth::login($user);
        });
        if ($status !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages(['email' => 'This letter is too old, was used already, or belongs to another e-mail; ask for a new one.']);
        }
        $request->session()->regenerate();

        return redirect('/')->with('said', 'Your new password is kept, and other devices are signed out.');
    }
}
