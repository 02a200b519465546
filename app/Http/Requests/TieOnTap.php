<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Kits\TyingOn;
use App\Models\Outing;
use Eskith\Core\Cadence\Cadence;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

final class TieOnTap extends AnglerRequest implements ActsOnOuting
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'],
            'rod' => ['nullable', 'uuid'],
            // A still rod has neither.
            'lure' => ['nullable', 'integer'],
            'hole' => ['nullable', 'string', 'max:20'],
            'cadence' => ['required_with:lure', 'nullable', Rule::enum(Cadence::class)],
            'at' => self::moment(),
        ];
    }

    public function rod(): ?string
    {
        return $this->filled('rod') ? $this->word('rod') : null;
    }

    /** When; null for now. */
    public function at(): ?Carbon
    {
        return $this->date('at');
    }

    public function lure(): ?int
    {
        return $this->filled('lure') ? $this->integer('lure') : null;
    }

    public function hole(): ?string
    {
        return $this->filled('hole') ? (string) $this->string('hole') : null;
    }

    public function cadence(): ?Cadence
    {
        return Cadence::tryFrom($this->word('cadence'));
    }

    public function act(Outing $outing): void
    {
        TyingOn::of($this->angler())->tie(
            $this->uuid(), $this->lure(), $this->hole(), $this->cadence(), $this->rod(), $outing, $this->at(),
        );
    }
}
