<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Outing;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Support\Carbon;

/** An outing into which more can be logged. */
final class OpenOuting
{
    /** @throws InvalidInput when the outing is over and was so at that moment, or is taken away */
    public static function demand(Outing $outing, ?Carbon $at): void
    {
        $outing->refresh();
        if ($outing->deleted_at !== null) {
            throw InvalidInput::because('outing', 'This outing is taken away. Bring it back to log more.');
        }
        // What was tapped before the end, on another device or without a connection, belongs to it.
        if ($outing->ended_at !== null && ($at === null || $at->greaterThan($outing->ended_at))) {
            throw InvalidInput::because('outing', 'This outing has ended. Start a new one to log more.');
        }
    }
}
