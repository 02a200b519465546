<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

use Eskith\Core\Tackle\Family;

/** When to strike: two schools, each with the fishing it suits. */
enum Strike: string
{
    case AtAnything = 'at_anything';
    case TheLiftSets = 'the_lift_sets';

    /** m/s of a lift from which on it sets a hook by itself. Estimate. */
    private const BRISK_MS = 0.5;

    /** What most do with this cadence: casts, spoons and still lures are struck with, a brisk lift straight down sets the hook. */
    public static function usual(Family $family, bool $vertical, Steps $steps): self
    {
        $brisk = $steps->liftSeconds > 0.0 && $steps->liftM / $steps->liftSeconds >= self::BRISK_MS;

        return $vertical && ! $family->isSpoon() && $brisk ? self::TheLiftSets : self::AtAnything;
    }

    public function other(): self
    {
        return $this === self::AtAnything ? self::TheLiftSets : self::AtAnything;
    }

    public function word(): string
    {
        return match ($this) {
            self::AtAnything => 'strike at anything odd',
            self::TheLiftSets => 'let the lift set it',
        };
    }

    public function says(): string
    {
        return match ($this) {
            self::AtAnything => 'A tick, a line that moves aside, a weight: strike. It costs nothing.',
            self::TheLiftSets => 'The next lift is the strike. Small trebles: no forcing, rod bent, line tight.',
        };
    }
}
