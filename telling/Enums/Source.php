<?php

declare(strict_types=1);

namespace Eskith\Telling\Enums;

/** Where a reading comes from. */
enum Source: string
{
    case Measured = 'measured';
    case Assumed = 'assumed';
    case Instrument = 'instrument';
    case Link = 'link';
    case Spot = 'spot';
}
