<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Telling\Kept\Part;
use Illuminate\Validation\Rule;

final class MendPart extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['part' => ['required', Rule::enum(Part::class)], 'key' => ['present', 'nullable', 'string', 'max:200']];
    }

    public function part(): Part
    {
        return Part::from($this->word('part'));
    }

    public function key(): string
    {
        return $this->word('key');
    }
}
