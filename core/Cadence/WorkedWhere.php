<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

/** What decides which cadences there are: straight down or cast, on the bottom or above it, and whether fish are to be startled. */
final readonly class WorkedWhere
{
    /**
     * @param  bool  $vertical  straight down; else cast
     * @param  bool  $onBottom  false among fish that hang in the water
     * @param  bool  $startling  the school that startles cold fish casts short pops as well
     */
    public function __construct(public bool $vertical, public bool $onBottom = true, public bool $startling = false)
    {
    }

    /** Alike for all that decide the same. */
    public function key(): int
    {
        return (int) $this->vertical + 2 * (int) $this->onBottom + 4 * (int) $this->startling;
    }
}
