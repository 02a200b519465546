<?php

declare(strict_types=1);

namespace Eskith\Core\Rig;

/** How long a rod is usual for one way of fishing, m, and what another length trades. */
enum RodLength
{
    case StraightDown;
    case Cast;
    case SteadyLift;

    /** m beyond a usual length that nobody minds. */
    private const NEAR_M = 0.05;

    /** @return array{float, float} shortest and longest, m */
    public function usual(): array
    {
        return match ($this) {
            self::StraightDown => [1.83, 2.29],
            self::Cast => [2.08, 2.29],
            self::SteadyLift => [2.29, 2.59],
        };
    }

    /** How this one compares: below 0 shorter than usual, above 0 longer, 0 as usual. */
    public function compared(float $rodM): int
    {
        [$least, $most] = $this->usual();

        return match (true) {
            $rodM < $least - self::NEAR_M => -1,
            $rodM > $most + self::NEAR_M => 1,
            default => 0,
        };
    }

    /** What it is for, as it ends a sentence. */
    public function word(): string
    {
        return match ($this) {
            self::StraightDown => 'straight down',
            self::Cast => 'a cast',
            self::SteadyLift => 'the steady lift',
        };
    }

    /** Why: what such a length gives. */
    public function says(): string
    {
        return match ($this) {
            self::StraightDown => 'a short one is more accurate and feels more',
            self::Cast => 'long enough to throw and to lift line off the water, short enough to feel',
            self::SteadyLift => 'it lifts in one rise what a shorter one hands over to the reel',
        };
    }

    /** m of the rod that the other school would take: a long one in place of a short one, and the other way. */
    public static function other(float $rodM): float
    {
        return $rodM > 2.25 ? 1.98 : 2.44;
    }

    /** @return list<string> what a rod of one length trades against one of another, a few words each */
    public static function trades(float $rodM, float $otherM): array
    {
        return $rodM > $otherM ? ['lifts and casts farther', 'feels less'] : ['more accurate, feels more', 'lifts less far'];
    }
}
