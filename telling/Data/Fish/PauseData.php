<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

/** A pause that lasts. */
final readonly class PauseData
{
    /** @param  string|null  $rod  uuid; null for all of them */
    public function __construct(public string $why, public string $since, public ?string $rod)
    {
    }
}
