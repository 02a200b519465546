<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What needs nothing but an id of its own, so that it is safe to repeat. */
final class WithId extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['uuid' => ['required', 'uuid']];
    }
}
