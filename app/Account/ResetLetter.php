<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Illuminate\Notifications\Messages\MailMessage;

/** The letter with which a forgotten password is set anew. Its address is the configured one, whatever the request said. */
final class ResetLetter
{
    public static function write(User $angler, string $token): MailMessage
    {
        $minutes = config('auth.passwords.users.expire');
        $url = config('app.url');

        return (new MailMessage)->subject('Set a new password for Eskith')->view(['text' => 'mail.reset'], [
            'name' => $angler->name,
            'address' => rtrim(is_string($url) ? $url : '', '/').route(
                'password.reset', ['token' => $token, 'email' => $angler->email], false,
            ),
            'minutes' => is_int($minutes) ? $minutes : 60,
        ]);
    }
}
