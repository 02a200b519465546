<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A section taken to the water. */
final class FishSection extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['uuid' => ['required', 'uuid'], 'line' => ['required', 'string', 'max:2000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['line' => 'Draw a line on the chart first.'];
    }

    public function line(): string
    {
        return $this->word('line');
    }
}
