<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Rig;

/** The rod at hand, as it was typed. */
final readonly class RodData
{
    public function __construct(
        public string $uuid,
        public string $name,
        public string $length,
        public string $lifts,
        public ?int $line,
        public string $leader,
        public string $leaderStrength,
        public string $leaderLength,
        public string $connector,
    ) {
    }
}
