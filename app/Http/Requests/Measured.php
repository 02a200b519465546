<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A measurement as it was typed; whether it can be is told as it is worked out. */
class Measured extends AnglerRequest
{
    /** What is typed of it. */
    private const TYPED = ['kind', 'pick', 'seconds', 'angle', 'distance', 'travel'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['uuid' => ['required', 'uuid'], ...array_fill_keys(self::TYPED, ['nullable', 'string', 'max:80'])];
    }

    /** @return array<array-key, mixed> */
    public function typed(): array
    {
        return $this->only(self::TYPED);
    }
}
