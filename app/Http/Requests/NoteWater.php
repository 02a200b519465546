<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class NoteWater extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['rules' => ['nullable', 'string', 'max:400'], 'protected' => ['nullable', 'string', 'max:120']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['rules.max' => 'Keep the notes to 400 letters.', 'protected.max' => 'Keep the fish to 120 letters.'];
    }

    /** @return array{local_rules: string, protected_fish: string} */
    public function notes(): array
    {
        return ['local_rules' => trim($this->word('rules')), 'protected_fish' => trim($this->word('protected'))];
    }
}
