<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

/** Moving, eating, unhooking: time that is not fished, of one rod or of all. Seconds. */
final readonly class Pause
{
    /** @param  string|null  $rod  null for all of them */
    public function __construct(public float $from, public float $to, public ?string $rod = null)
    {
    }
}
