<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class PinLure extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['lure' => ['nullable', 'integer']];
    }

    /** Null to let the pinned one go. */
    public function lure(): ?int
    {
        return $this->input('lure') === null ? null : $this->integer('lure');
    }
}
