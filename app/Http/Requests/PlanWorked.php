<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class PlanWorked extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['worked' => ['nullable', 'string', 'max:120']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['worked' => 'Say what worked in at most 120 letters.'];
    }

    public function worked(): ?string
    {
        return $this->filled('worked') ? trim($this->word('worked')) : null;
    }
}
