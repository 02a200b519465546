<?php

declare(strict_types=1);

namespace App\Settings;

use App\Models\User;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\InvalidInput;

/** What is wrong with what was given, in the units of who gave it. */
final class Fault
{
    public static function words(InvalidInput $bad, ?User $to): string
    {
        return $to === null ? $bad->getMessage() : (new UnitFormat($to->likes()->units))->translated($bad->getMessage());
    }
}
