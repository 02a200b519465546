<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Account\Archive;
use App\Account\ArchiveReader;
use App\Account\Closing;
use App\Account\SoundPassword;
use App\Presenters\PicturePresenter;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The account itself: its password, its devices, everything in it as one file, and its end. */
final class AccountController extends Controller
{
    public function show(Request $request): Response
    {
        $user = $this->angler($request);

        return Inertia::render('Account', ['picture' => PicturePresenter::today($user), 'email' => $user->email, 'isDemo' => $this->isDemo($request)]);
    }

    public function password(Request $request): RedirectResponse
    {
        $request->validate(['current' => ['required', 'string'], 'password' => ['required', new SoundPassword]], [
            'current.required' => 'Give the password you have now.', 'password.required' => 'Give the new password.',
        ]);
        $this->demandPassword($request, 'current');
        $user = $this->angler($request);
        $user->update(['password' => (string) $request->string('password')]);
        $user->forceFill(['remember_token' => Str::random(60)])->save();
        Auth::login($user);
        $request->session()->regenerate();

        return back()->with('said', 'Your password is changed. Other devices have to sign in anew.');
    }

    public function signOutOthers(Request $request): RedirectResponse
    {
        $this->demandPassword($request, 'others');
        $user = $this->angler($request);
        Auth::logoutOtherDevices((string) $request->string('others'));
        $user->refresh()->forceFill(['remember_token' => Str::random(60)])->save();

        return back()->with('said', 'Every other device is signed out.');
    }

    public function archive(Request $request): BinaryFileResponse
    {
        return response()->download(Archive::write($this->angler($request)), 'eskith-account.zip', ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
    }

    public function take(Request $request): RedirectResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > ArchiveReader::PACKED) {
            throw InvalidInput::because('file', 'Choose an archive of up to 12 MB that was exported here.');
        }

        return back()->with('said', ArchiveReader::take($this->angler($request), $file->getPathname()));
    }

    public function destroy(Request $request): RedirectResponse
    {
        if ($this->isDemo($request)) {
            throw InvalidInput::because('goodbye', 'The demo belongs to everybody and stays; make an account of your own to try this.');
        }
        $this->demandPassword($request, 'goodbye');
        $user = $this->angler($request);
        Auth::logout();
        Closing::of($user);
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/sign-in')->with('said', 'The account and everything in it is gone.');
    }

    /** @throws ValidationException unless the field holds the angler's password */
    private function demandPassword(Request $request, string $field): void
    {
        $given = $request->input($field);
        if (! is_string($given) || ! Hash::check($given, $this->angler($request)->password)) {
            throw ValidationException::withMessages([$field => 'That is not your password.']);
        }
    }

    private function isDemo(Request $request): bool
    {
        return $this->angler($request)->email === config('eskith.demo_email');
    }
}
