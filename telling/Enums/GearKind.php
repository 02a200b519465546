<?php

declare(strict_types=1);

namespace Eskith\Telling\Enums;

/** What lies in the box beside lures and main lines. */
enum GearKind: string
{
    case Rod = 'rod';
    case Reel = 'reel';
    case Leader = 'leader';
    case Connector = 'connector';
    case Hooks = 'hooks';
}
