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

    /** @return array{email: string, password: string}|null with the address as it is kept; null where nobody is called that */
    public function credentials(): ?array
    {
        $typed = (string) $this->string('email');
        // An account from before addresses were told apart without their case may still have a spelling of its own.
        foreach (array_unique([User::address($typed), $typed]) as $email) {
            if (User::query()->where('email', $email)->exists()) {
                return ['email' => $email, 'password' => (string) $this->string('password')];
            }
        }

        return null;
    }
}
