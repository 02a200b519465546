<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class KeepSpot extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['water' => ['required', 'string', 'max:60'], 'spot' => ['required', 'string', 'max:60']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['water.required' => 'Give the water a name.', 'spot.required' => 'Give the spot a name.'];
    }

    public function water(): string
    {
        return trim($this->word('water'));
    }

    public function spot(): string
    {
        return trim($this->word('spot'));
    }
}
