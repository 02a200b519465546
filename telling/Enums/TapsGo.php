<?php

declare(strict_types=1);

namespace Eskith\Telling\Enums;

/** Where taps of an outing go, each told to the device that sends them. */
enum TapsGo: string
{
    /** Into the outing they are of. */
    case Here = 'here';
    /** Into the one that their outing was joined to. */
    case Joined = 'joined';
    /** Nowhere yet: their outing is taken away, and can be brought back. */
    case Away = 'away';
    /** Nowhere: there is no such outing of this angler any more. */
    case Gone = 'gone';
    /** Nowhere: they are another angler's than the one who is signed in. */
    case Stranger = 'stranger';
}
