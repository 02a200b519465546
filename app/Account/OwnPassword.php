<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Facades\Hash;

/** The password that the angler signs in with. */
final class OwnPassword implements ValidationRule
{
    /** Asked also where the field is missing or empty. */
    public bool $implicit = true;

    public function __construct(private readonly User $angler)
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value) || ! Hash::check($value, $this->angler->password)) {
            $fail('That is not your password.');
        }
    }
}
