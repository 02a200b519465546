<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Core\Cadence\Plan\Limits;

class TickPlan extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['number' => ['required', 'integer', 'min:1', 'max:'.(Limits::MOST + 1)], 'made' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['number' => 'Say which one was made.', 'made' => 'It was made, or it was not.'];
    }
}
