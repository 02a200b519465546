<?php

declare(strict_types=1);

namespace Eskith\Core\Drop;

/** The way down after a cast: line runs off and the lure falls straight, or it swings in on a line of fixed length. */
enum Bail: string
{
    case Open = 'open';
    case Closed = 'closed';
}
