<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

use Eskith\Core\Words\Words;

/** When tackle is due to be looked after. Days and counts are estimates of usual practice. */
final class Upkeep
{
    /** Fish and snags after which a leader is tied anew. Estimate. */
    public const LEADER_WORN = 5;

    /** Fish and snags after which hooks are looked at. */
    public const HOOKS_WORN = 5;

    private const HOOKS_DAYS = 60;

    private const LEADER_DAYS = 30;

    /** Braid lasts longer than what takes on water. */
    private const LINE_DAYS = ['braid' => 730, 'fluorocarbon' => 365, 'monofilament' => 180];

    /**
     * @param  int|null  $days  since the hooks were changed or sharpened; null when that was never said
     * @param  int  $worn  fish and snags since
     * @return string|null why they are due; null when they are not
     */
    public static function hooks(?int $days, int $worn): ?string
    {
        return match (true) {
            $worn >= self::HOOKS_WORN => Words::of('{worn} fish and snags', worn: $worn),
            $days !== null && $days >= self::HOOKS_DAYS && $worn > 0 => Words::of('{days} days since', days: $days),
            default => null,
        };
    }

    public static function leader(?int $days): ?string
    {
        return $days !== null && $days >= self::LEADER_DAYS ? Words::of('tied {days} days ago', days: $days) : null;
    }

    /** What to do once so many fish and snags have worn a leader; null while feeling for nicks is enough. */
    public static function worn(int $fishAndSnags): ?string
    {
        return $fishAndSnags >= self::LEADER_WORN ? 'Cut it back and tie it again.' : null;
    }

    public static function line(string $kind, ?int $days): ?string
    {
        return $days !== null && $days >= (self::LINE_DAYS[$kind] ?? 365)
            ? Words::of('on for {days} days', days: $days)
            : null;
    }

    /** Whether a finish is wanted by the food fished over, and how it is said; null for food that asks for none. */
    public static function finishFor(string $food): ?Finish
    {
        return match ($food) {
            'perch' => Finish::Perch,
            'sunfish', 'golden_shiner' => Finish::Gold,
            'shad', 'alewife' => Finish::White,
            default => null,
        };
    }
}
