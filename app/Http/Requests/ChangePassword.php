<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Account\OwnPassword;
use App\Account\SoundPassword;

final class ChangePassword extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'current' => ['required', 'string', new OwnPassword($this->angler())],
            'password' => ['required', new SoundPassword],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['current.required' => 'Give the password you have now.', 'password.required' => 'Give the new password.'];
    }
}
