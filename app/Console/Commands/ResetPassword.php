<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Eskith\Core\Words\Words;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

final class ResetPassword extends Command
{
    protected $signature = 'angler:reset-password {email}';

    protected $description = 'Give an angler a new password and sign out their devices';

    public function handle(): int
    {
        $user = User::query()->where('email', User::address($this->argument('email')))->first();
        if ($user === null) {
            $this->error('There is no angler with this e-mail.');

            return self::FAILURE;
        }
        $password = implode('-', str_split(Str::lower(Str::random(16)), 4));
        $user->forceFill(['password' => $password, 'remember_token' => Str::random(60)])->save();
        $this->info(Words::of('The new password of {user} is {password}', user: $user->name, password: $password));
        $this->line('It is shown only now; let them change it under Settings, Account.');

        return self::SUCCESS;
    }
}
