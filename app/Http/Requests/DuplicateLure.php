<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Support\Str;

final class DuplicateLure extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['uuid' => ['sometimes', 'uuid']];
    }

    public function uuid(): string
    {
        return $this->filled('uuid') ? $this->word('uuid') : (string) Str::uuid();
    }
}
