<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Readings;

/** What readings stand together, in the order in which one looks. */
enum Group: string
{
    case Water = 'Water';
    case Depth = 'Depth';
    case Movement = 'Movement';
    case Signs = 'Signs';
    case Fish = 'Fish';
    case Work = 'Work';
    case Care = 'Care';
}
