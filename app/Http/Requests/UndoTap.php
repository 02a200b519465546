<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use App\Record\TakenBack;

/** An event is taken back. */
final class UndoTap extends TellOfEvent implements ActsOnOuting
{
    public function act(Outing $outing): void
    {
        TakenBack::undo($this->event(), $this->said());
    }
}
