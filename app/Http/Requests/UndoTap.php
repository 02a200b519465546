<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** An event is taken back. */
final class UndoTap extends TellOfEvent
{
}
