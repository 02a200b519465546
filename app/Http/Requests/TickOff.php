<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class TickOff extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['uuid' => ['required', 'uuid'], 'item' => ['required', 'string', 'max:40']];
    }

    /** "lure.7", "line.2" or "gear.3". */
    public function item(): string
    {
        return $this->word('item');
    }
}
