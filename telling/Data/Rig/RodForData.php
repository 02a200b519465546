<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Rig;

/** A rod on which a pick can be tied, and what has to be changed there. */
final readonly class RodForData
{
    /** @param  bool  $on  whether it is on it already */
    public function __construct(public string $uuid, public string $name, public string $words, public bool $on)
    {
    }
}
