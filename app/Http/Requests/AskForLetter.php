<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

/** Somebody who has forgotten their password. */
final class AskForLetter extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:190']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'Fill in your e-mail.', 'email' => 'That is not an e-mail address.'];
    }

    /** The address as it is kept and looked up. */
    public function address(): string
    {
        return User::address((string) $this->string('email'));
    }
}
