<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Event;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Support\Carbon;

/** That an event is taken back, or put back, and when that was said. */
abstract class TellOfEvent extends AnglerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['event' => ['required', 'uuid'], 'said' => self::moment()];
    }

    /** @throws InvalidInput when there is none such */
    public function event(): Event
    {
        return $this->angler()->events()->ofOutingsThatStand()->where('uuid', $this->word('event'))->first()
            ?? throw InvalidInput::because('event', 'That entry is not in the record; it may have been taken away with its outing.');
    }

    public function said(): ?Carbon
    {
        return $this->date('said');
    }
}
