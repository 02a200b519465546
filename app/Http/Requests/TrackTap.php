<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use App\Places\Tracks;
use Eskith\Core\Formats\FixText;
use Illuminate\Support\Carbon;

/** Some minutes of where the boat went. */
final class TrackTap extends AnglerRequest implements ActsOnOuting
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'], 'at' => self::moment(), 'fixes' => ['required', 'string', 'max:'.FixText::LETTERS],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'at' => "The time of this track can't be right.", 'fixes' => "This phone sent a track that can't be read. It is left out.",
        ];
    }

    public function act(Outing $outing): void
    {
        Tracks::of($this->angler())->keep($outing, $this->uuid(), $this->date('at') ?? Carbon::now(), $this->word('fixes'));
    }
}
