<?php

declare(strict_types=1);

namespace App\Record;

/** What can be logged with one tap. */
enum EventKind: string
{
    case Drop = 'drop';
    case Touch = 'touch';
    case Fish = 'fish';
    case Foul = 'foul';
    case Snag = 'snag';
}
