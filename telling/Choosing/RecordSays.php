<?php

declare(strict_types=1);

namespace Eskith\Telling\Choosing;

use Eskith\Core\Choosing\TempBand;
use Eskith\Core\Record\Learning;

/** What an angler's record says: worked out where it is asked for, or kept. */
interface RecordSays
{
    /** Of a fish in water of a temperature; null while there is too little of it. */
    public function of(string $species, TempBand $band): ?Learning;
}
