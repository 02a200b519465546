<?php

declare(strict_types=1);

namespace Eskith\Telling\Settings;

use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\UnitSet;

/** What is wrong with what was given, in the units of who gave it. */
final class Fault
{
    public static function words(InvalidInput $bad, ?UnitSet $units): string
    {
        return $units === null ? $bad->getMessage() : (new UnitFormat($units))->translated($bad->getMessage());
    }
}
