<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Core\Choosing\Reading;
use Illuminate\Validation\Rule;

final class PinReading extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', Rule::enum(Reading::class)], 'pinned' => ['required', 'boolean']];
    }

    public function reading(): Reading
    {
        return Reading::from($this->word('name'));
    }
}
