<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

use Eskith\Telling\Enums\EventKind;

/** A small pad of the Fish station: what a tap logs, what stands on it, and its key. */
final readonly class PadData
{
    public function __construct(
        public EventKind $kind,
        public string $label,
        public string $key,
    ) {
    }
}
