<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A water that somebody else shares. */
final class CopyWater extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:20']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['code' => 'Type the code you were told: eight letters and figures.'];
    }

    public function code(): string
    {
        return $this->word('code');
    }
}
