<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

/** A rest in an outing of the day; moments in s since the epoch. */
final readonly class KeptPause
{
    /**
     * @param  int|null  $rod  null for all of them
     * @param  float|null  $until  null while it goes on
     */
    public function __construct(public ?int $rod, public float $from, public ?float $until)
    {
    }
}
