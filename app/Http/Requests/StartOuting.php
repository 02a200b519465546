<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** An outing begins with nothing tied on. */
final class StartOuting extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['uuid' => ['required', 'uuid']];
    }
}
