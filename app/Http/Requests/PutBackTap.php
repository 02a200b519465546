<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** An event is put back. */
final class PutBackTap extends TellOfEvent
{
}
