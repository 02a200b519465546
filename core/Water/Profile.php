<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** How the current changes with height above the bottom: the same all the way, or a river slowed by its bed. */
enum Profile: string
{
    case Uniform = 'uniform';
    case River = 'river';
}
