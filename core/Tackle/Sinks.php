<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

/** The three ways in which lures go down, each worked in its own way. */
enum Sinks
{
    /** At the angle at which it hangs from its hole, as a blade does. */
    case Hanging;
    /** Side over side where the line lets it, as a spoon does. */
    case Fluttering;
    /** Turning a blade at its tail. */
    case Spinning;
}
