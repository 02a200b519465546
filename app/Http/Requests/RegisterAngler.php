<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Account\SoundPassword;
use App\Models\User;
use Closure;
use Illuminate\Foundation\Http\FormRequest;

final class RegisterAngler extends FormRequest
{
    public const TAKEN = 'There is an account with this e-mail already. Sign in instead.';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:190', self::isFree(...)],
            'password' => ['required', new SoundPassword],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'Fill in your :attribute.', 'email.email' => 'That is not an e-mail address.'];
    }

    /** @return array{name: string, email: string, password: string} */
    public function account(): array
    {
        return [
            'name' => (string) $this->string('name'), 'email' => User::address((string) $this->string('email')),
            'password' => (string) $this->string('password'),
        ];
    }

    /** @param  Closure(string): mixed  $fail */
    private static function isFree(string $attribute, mixed $value, Closure $fail): void
    {
        if (is_string($value) && User::query()->where('email', User::address($value))->exists()) {
            $fail(self::TAKEN);
        }
    }
}
