<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;

/** The letter with which a forgotten password is set anew. Its address is the configured one, whatever the request said. */
final class ResetMail extends Notification
{
    public function __construct(private readonly string $token)
    {
    }

    /** @return list<string> */
    public function via(User $angler): array
    {
        return ['mail'];
    }

    public function toMail(User $angler): MailMessage
    {
        $minutes = config('auth.passwords.users.expire');

        return (new MailMessage)->subject('Set a new password for Eskith')->view(['text' => 'mail.reset'], [
            'name' => $angler->name,
            'address' => rtrim((string) config('app.url'), '/')."/reset-password/{$this->token}?".http_build_query(['email' => $angler->email]),
            'minutes' => is_int($minutes) ? $minutes : 60,
        ]);
    }
}
