<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

/** What of an angler's record may turn out to be unusable. */
enum Part: string
{
    case Reading = 'reading';
    case Measurement = 'measurement';
    case Lure = 'lure';
    case Rule = 'rule';
    case Line = 'line';
    /** Readings that a stand-in made up. */
    case MadeUp = 'made_up';
}
