<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use App\Record\EventUndo;

/** An event is taken back. */
final class UndoTap extends TellOfEvent implements ActsOnOuting
{
    public function act(Outing $outing): void
    {
        EventUndo::undo($this->event(), $this->said());
    }
}
