<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class KeepReadings extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'readings' => ['required', 'array', 'max:40'],
            'readings.*' => ['present', 'nullable', 'string', 'max:120'],
            'family' => ['nullable', 'string', 'max:20'],
            'pick' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['readings.*' => 'A reading is a short text, such as 26 ft.'];
    }

    /** @return array<string, string|null> */
    public function texts(): array
    {
        /** @var array<string, string|null> */
        return $this->validated('readings');
    }

    public function pick(): ?string
    {
        $pick = $this->validated('pick');

        return is_string($pick) ? $pick : null;
    }

    public function family(): ?string
    {
        $family = $this->validated('family');

        return is_string($family) ? $family : null;
    }

    /** An empty reading is an empty reading, not a missing one: the framework would make it null. */
    protected function prepareForValidation(): void
    {
        $raw = json_decode($this->getContent(), true);
        if (is_array($raw) && is_array($raw['readings'] ?? null)) {
            $this->merge(['readings' => $raw['readings']]);
        }
    }
}
