<?php

declare(strict_types=1);

namespace App\Account;

use Closure;
use Eskith\Core\Words\Words;
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
            $fail(Words::of('A password needs at least {shortest} characters.', shortest: self::SHORTEST));
        } elseif ($bytes > self::LONGEST) {
            $fail(Words::of('A password holds at most {longest} characters (fewer with accents). Shorten it.', longest: self::LONGEST));
        } elseif ($this->isCommon($value)) {
            $fail('That is one of the commonest passwords, tried first by anyone who guesses. Choose another.');
        }
    }

    private function isCommon(string $password): bool
    {
        $common = file(resource_path('lists/common-passwords.txt'), FILE_IGNORE_NEW_LINES) ?: [];

        return in_array(mb_strtolower($password), $common, true);
    }
}
