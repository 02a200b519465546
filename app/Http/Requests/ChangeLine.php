<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Another main line for the reel. */
final class ChangeLine extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['line' => ['required', 'integer']];
    }
}
