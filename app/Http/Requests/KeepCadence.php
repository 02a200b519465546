<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** The numbers of a cadence as typed. */
final class KeepCadence extends AnglerRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return array_fill_keys(['lift', 'seconds', 'pause'], ['required', 'string', 'max:30']);
    }

    /** @return array{lift: string, seconds: string, pause: string} */
    public function numbers(): array
    {
        /** @var array{lift: string, seconds: string, pause: string} */
        return $this->validated();
    }
}
