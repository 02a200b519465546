<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Water\Position;

/** A mark as a hint of where to look: a fish on a day, or a snag. */
final readonly class FoundThere
{
    /** @param  string  $day  YYYY-MM-DD */
    public function __construct(public Position $at, public bool $fish, public string $day)
    {
    }
}
