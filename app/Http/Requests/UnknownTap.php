<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Enums\Deed;
use Illuminate\Validation\Rule;

/** What a newer page may send, and this server does not know. */
final class UnknownTap extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['do' => ['required', Rule::enum(Deed::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['do' => 'This server does not know that entry; it may be older than the page.'];
    }
}
