<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

final class SignIn extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'email'],
            'password' => ['required', 'string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'Fill in your :attribute.', 'email' => 'That is not an e-mail address.'];
    }

    /** @return list<array{email: string, password: string}> the address as it is kept, then as it was typed */
    public function credentials(): array
    {
        [$email, $password] = [(string) $this->string('email'), (string) $this->string('password')];

        // An account from before addresses were told apart without their case may still have a spelling of its own.
        return array_map(
            static fn (string $one): array => ['email' => $one, 'password' => $password],
            array_values(array_unique([User::address($email), $email])),
        );
    }
}
