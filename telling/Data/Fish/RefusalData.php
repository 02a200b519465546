<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

/** Why one tap was not taken. */
final readonly class RefusalData
{
    /** @param  string  $because  the field at fault, by which the device offers what would mend it */
    public function __construct(public string $id, public string $why, public string $because)
    {
    }
}
