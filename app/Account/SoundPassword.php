<?php

declare(strict_types=1);

namespace App\Account;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A password of 10 to 72 bytes (what bcrypt reads) that is not among the commonest. */
final class SoundPassword implements ValidationRule
{
    public const SHORTEST = 10;

    private const LONGEST = 72;

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $bytes = is_string($value) ? strlen($value) : 0;
        if ($bytes < self::SHORTEST) {
            $fail('A password needs at least '.self::SHORTEST.' characters.');
        } elseif ($bytes > self::LONGEST) {
            $fail('A password holds at most '.self::LONGEST.' characters (fewer with accents); shorten it.');
        } elseif ($this->isCommon($value)) {
            $fail('That is one of the commonest passwords, tried first by anyone who guesses; choose another.');
        }
    }

    private function isCommon(string $password): bool
    {
        $common = file(resource_path('lists/common-passwords.txt'), FILE_IGNORE_NEW_LINES) ?: [];

        return in_array(mb_strtolower($password), $common, true);
    }
}
