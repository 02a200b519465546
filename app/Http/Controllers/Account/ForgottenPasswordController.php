<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Data\Pages\ResetPasswordPage;
use App\Http\Controllers\Controller;
use App\Http\Requests\AskForLetter;
use App\Http\Requests\SetPassword;
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
final class ForgottenPasswordController extends Controller
{
    public function create(): Response
    {
        return Inertia::render('ForgotPassword');
    }

    /** Answers the same whether there is such an account or not. */
    public function store(AskForLetter $request): RedirectResponse
    {
        try {
            Password::sendResetLink(['email' => $request->address()]);
        } catch (TransportExceptionInterface $down) {
            report($down);
            throw ValidationException::withMessages(
                ['email' => 'The mail could not be sent. Try again later, or ask who runs this Eskith.'],
            );
        }

        return back()->with('said', 'If there is an account with this e-mail, a letter is on its way. It is good for an hour.');
    }

    public function edit(Request $request, string $token): Response
    {
        return (new ResetPasswordPage($token, $this->text($request, 'email', '')))->render();
    }

    public function update(SetPassword $request): RedirectResponse
    {
        $status = Password::reset($request->credentials(), static function (User $user, string $password): void {
            $user->forceFill(['password' => $password, 'remember_token' => Str::random(60)])->save();
            Auth::login($user);
        });
        if ($status !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages(
                ['email' => 'This letter is too old, used already, or for another e-mail. Ask for a new one.'],
            );
        }
        $request->session()->regenerate();

        return to_route('home')->with('said', 'Your new password is kept, and other devices are signed out.');
    }
}
