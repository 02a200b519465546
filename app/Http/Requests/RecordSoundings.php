<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Soundings are recorded from now on. */
final class RecordSoundings extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['uuid' => ['required', 'uuid']];
    }
}
