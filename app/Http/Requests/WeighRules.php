<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Every rule on or off. */
final class WeighRules extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['on' => ['required', 'boolean']];
    }
}
