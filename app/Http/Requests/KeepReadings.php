<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Support\Carbon;

final class KeepReadings extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'readings' => ['required', 'array', 'max:40'],
            'readings.*' => ['present', 'nullable', 'string', 'max:120'],
            'family' => ['nullable', 'string', 'max:20'],
            'typed' => ['nullable', 'array', 'max:40'],
            // One that lies ahead is of a clock that is wrong; it counts as now.
            'typed.*' => ['bail', 'nullable', 'string', 'max:40', 'date'],
            'pick' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['readings.*' => 'A reading is a short text, such as 26 ft.', 'typed.*' => 'When it was typed is a moment.'];
    }

    /** @return array<string, string|null> */
    public function texts(): array
    {
        /** @var array<string, string|null> */
        return $this->validated('readings');
    }

    /** @return array<array-key, Carbon> when those were typed that could not be sent at once, by name */
    public function typed(): array
    {
        $typed = $this->validated('typed');

        return array_map(
            static fn (string $at): Carbon => Carbon::parse($at)->min(Carbon::now()),
            array_filter(is_array($typed) ? $typed : [], is_string(...)),
        );
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
