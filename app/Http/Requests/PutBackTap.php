<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use App\Record\EventUndo;

/** An event is put back. */
final class PutBackTap extends TellOfEvent implements ActsOnOuting
{
    public function act(Outing $outing): void
    {
        EventUndo::putBack($this->event(), $this->said());
    }
}
