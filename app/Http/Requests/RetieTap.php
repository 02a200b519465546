<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use App\Tackle\RodKeeper;
use Illuminate\Support\Carbon;

final class RetieTap extends AnglerRequest implements ActsOnDay, ActsOnOuting
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['uuid' => ['required', 'uuid'], 'rod' => ['nullable', 'uuid'], 'at' => self::moment()];
    }

    /** When; null for now. */
    public function at(): ?Carbon
    {
        return $this->date('at');
    }

    /** Null for the one in hand. */
    public function rod(): ?string
    {
        return $this->filled('rod') ? $this->word('rod') : null;
    }

    public function act(Outing $outing): void
    {
        $this->actOnDay();
    }

    public function actOnDay(): void
    {
        RodKeeper::of($this->angler())->retie($this->uuid(), $this->rod(), $this->at());
    }
}
