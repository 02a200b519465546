<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What is noted of an outing. */
final class NoteOuting extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['note' => ['nullable', 'string', 'max:1000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['note' => 'Keep the note to 1000 letters.'];
    }

    public function note(): string
    {
        return trim($this->word('note'));
    }
}
