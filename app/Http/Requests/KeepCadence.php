<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** The numbers of a cadence as typed. */
class KeepCadence extends AnglerRequest
{
    private const NUMBERS = ['lift', 'seconds', 'pause'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return array_fill_keys(self::NUMBERS, ['required', 'string', 'max:30']);
    }

    /** @return array{lift: string, seconds: string, pause: string} */
    public function numbers(): array
    {
        /** @var array{lift: string, seconds: string, pause: string} */
        return $this->only(self::NUMBERS);
    }
}
