<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Account\SoundPassword;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

/** A new password, with the letter that allows it. */
final class SetPassword extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'token' => ['required', 'string', 'max:200'],
            'email' => ['required', 'string', 'email', 'max:190'],
            'password' => ['required', new SoundPassword],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'Fill in your :attribute.', 'email' => 'That is not an e-mail address.'];
    }

    /** @return array{token: string, email: string, password: string} */
    public function credentials(): array
    {
        return [
            'token' => (string) $this->string('token'), 'email' => User::address((string) $this->string('email')),
            'password' => (string) $this->string('password'),
        ];
    }
}
