<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Core\Cadence\Cadence;
use Illuminate\Validation\Rule;

final class TieOn extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'],
            'lure' => ['required', 'integer'],
            'hole' => ['nullable', 'string', 'max:20'],
            'cadence' => ['required', Rule::enum(Cadence::class)],
        ];
    }

    public function hole(): ?string
    {
        return $this->filled('hole') ? (string) $this->string('hole') : null;
    }

    public function cadence(): Cadence
    {
        return Cadence::from($this->word('cadence'));
    }
}
