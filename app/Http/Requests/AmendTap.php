<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bites\BiteLog;
use App\Models\Event;
use App\Models\Outing;
use Eskith\Core\Units\InvalidInput;

/** An event is mended on a device without a connection. */
final class AmendTap extends AmendEvent implements ActsOnOuting
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'event' => ['required', 'uuid']];
    }

    /** @throws InvalidInput when there is none such */
    public function event(): Event
    {
        return $this->angler()->events()->ofOutingsThatStand()->where('uuid', $this->word('event'))->first()
            ?? throw InvalidInput::because('event', 'That entry is not in the record; it may have been taken away with its outing.');
    }

    public function act(Outing $outing): void
    {
        BiteLog::of($this->angler())->amend($this->event(), $this->columns(), $this->counted(), $this->said());
    }
}
