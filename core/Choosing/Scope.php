<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** What a rule is of. Whatever has it in common is judged once. */
enum Scope
{
    /** Family, whatever it weighs. */
    case Family;
    /** Family and weight, and how the line leans with them. */
    case Weight;
    /** Finish, and what was added to it. */
    case Look;
    /** Anything about the lure. */
    case Lure;
    /** The lure on one of its holes. */
    case Hanging;
    /** The cadence, whatever the lure. */
    case Cadence;
    /** All of it together. */
    case All;
}
