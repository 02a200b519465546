<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use App\Record\Pauses;
use Eskith\Telling\Enums\PauseWhy;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

/** Nobody fishes, or one rod does not, from a moment on. */
final class PauseTap extends AnglerRequest implements ActsOnOuting
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'], 'why' => ['required', Rule::enum(PauseWhy::class)], 'rod' => ['nullable', 'uuid'],
            'at' => self::moment(),
        ];
    }

    public function why(): PauseWhy
    {
        return $this->enum('why', PauseWhy::class) ?? PauseWhy::Other;
    }

    public function rod(): ?string
    {
        return $this->filled('rod') ? $this->word('rod') : null;
    }

    public function at(): Carbon
    {
        return $this->date('at') ?? Carbon::now();
    }

    public function act(Outing $outing): void
    {
        Pauses::of($this->angler())->begin($outing, $this->uuid(), $this->why(), $this->rod(), $this->at());
    }
}
