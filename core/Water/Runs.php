<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** Where the water goes past an angler who casts. A boat that drifts onto its lure has it running toward the angler. */
enum Runs: string
{
    case Away = 'away';
    case Toward = 'toward';
    case Across = 'across';

    public function word(): string
    {
        return match ($this) {
            self::Away => 'away from you',
            self::Toward => 'toward you',
            self::Across => 'across in front of you',
        };
    }
}
