<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** What a rule looks at: the lure, the lure on a hole, or the cadence whatever the lure. Each is judged once and shared. */
enum Scope
{
    case Lure;
    case Hole;
    case Cadence;
}
