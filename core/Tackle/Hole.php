<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

/** A line hole with its name; holes are listed from the nose. */
final readonly class Hole
{
    public function __construct(public string $name, public Point $at)
    {
    }
}
