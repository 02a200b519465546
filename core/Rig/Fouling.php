<?php

declare(strict_types=1);

namespace Eskith\Core\Rig;

/** What lets a lure catch its own line, with how much it counts and what cures it. Estimates to compare rigs by. */
enum Fouling
{
    case BellyHook;
    case LimpLeader;
    case SlackFall;
    case WorkedHardDirect;
    case Cast;

    /** Points from which it fouls now and then, and often. */
    public const NOW_AND_THEN = 1.0;

    public const OFTEN = 3.0;

    /** N below which a leader is limp (12 lb). */
    private const LIMP_N = 53.4;

    /** m of lift from which a lure is worked hard. */
    private const HARD_M = 0.6;

    /**
     * Those that hold of a rig and how it is worked.
     *
     * @param  bool  $slack  whether the lure falls on a line that is not tight
     * @return list<self>
     */
    public static function of(Rig $rig, Hooks $hooks, bool $slack, float $liftM, bool $cast): array
    {
        $limp = $rig->leader === null ? $rig->line->material === Material::Braid : $rig->leader->breakN < self::LIMP_N;

        return array_values(array_filter([
            $hooks->isBellyLarge() ? self::BellyHook : null,
            $limp ? self::LimpLeader : null,
            $slack ? self::SlackFall : null,
            $rig->connector === Connector::Direct && $liftM >= self::HARD_M ? self::WorkedHardDirect : null,
            $cast ? self::Cast : null,
        ]));
    }

    /** @param  list<self>  $causes */
    public static function score(array $causes): float
    {
        return array_sum(array_map(static fn (self $cause): float => $cause->points(), $causes));
    }

    public function points(): float
    {
        return match ($this) {
            self::BellyHook, self::SlackFall => 1.5,
            self::LimpLeader, self::WorkedHardDirect, self::Cast => 1.0,
        };
    }

    public function says(): string
    {
        return match ($this) {
            self::BellyHook => 'the belly hook is as large as the rear one',
            self::LimpLeader => 'the leader is limp',
            self::SlackFall => 'it falls on a slack line',
            self::WorkedHardDirect => 'it is tied direct and worked hard',
            self::Cast => 'it flies far',
        };
    }

    public function cure(): string
    {
        return match ($this) {
            self::BellyHook => 'put a smaller hook at the belly',
            self::LimpLeader => 'tie a stiff leader of 15 to 20 lb',
            self::SlackFall => 'let it down on a tight line',
            self::WorkedHardDirect => 'tie it on a ring or a snap',
            self::Cast => 'stop the line with a finger just before the splash',
        };
    }
}
