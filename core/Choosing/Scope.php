<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** What a rule looks at: the lure alone, the hole too, or the cadence. Each is judged once and shared. */
enum Scope
{
    case Lure;
    case Hole;
    case Cadence;
}
