<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Telling\Settings\Settings;
use Illuminate\Validation\Rule;

final class KeepSettings extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return array_map(static fn (array $choices): array => ['sometimes', Rule::in($choices)], Settings::CHOICES);
    }

    /** @return array<string, string> */
    public function choices(): array
    {
        /** @var array<string, string> */
        return $this->validated();
    }
}
