<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Core\Care\Species;
use Eskith\Telling\Enums\WaterKind;
use Illuminate\Validation\Rule;

/** What a new angler is asked: where, which fish, from a boat or from the bank. */
final class BeginFirstDay extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'], 'kind' => ['required', Rule::enum(WaterKind::class)],
            'fish' => ['required', Rule::enum(Species::class)], 'from' => ['required', Rule::in(['boat', 'bank'])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['kind' => 'Choose where you fish.', 'fish' => 'Choose which fish.', 'from' => 'Boat or bank?'];
    }

    public function kind(): WaterKind
    {
        return WaterKind::from($this->word('kind'));
    }

    public function fish(): Species
    {
        return Species::from($this->word('fish'));
    }

    public function isFromBoat(): bool
    {
        return $this->word('from') === 'boat';
    }
}
