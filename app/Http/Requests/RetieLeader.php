<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class RetieLeader extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['uuid' => ['required', 'uuid']];
    }
}
