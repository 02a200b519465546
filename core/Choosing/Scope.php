<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** What a rule looks at. Whatever has it in common is judged once. */
enum Scope
{
    /** Family, whatever it weighs. */
    case Family;
    /** Family and weight, and how the line leans with them. */
    case Body;
    /** Finish, and red near the hooks. */
    case Finish;
    /** Anything about the lure. */
    case Lure;
    /** The lure on one of its holes. */
    case Hole;
    /** The cadence, whatever the lure. */
    case Cadence;
}
