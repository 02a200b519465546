<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class WeighRule extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['weight' => ['required', 'numeric']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['weight.*' => 'Say how much the rule counts, as a number.'];
    }
}
