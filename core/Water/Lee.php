<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** Which places lie in the lee: with a shore close upwind. Shores are lines, metres; a wind comes from its bearing. */
final readonly class Lee
{
    /** m of open water upwind up to which a place is sheltered. Estimate. */
    public const SHELTERED_M = 150.0;

    /** @param  list<list<Position>>  $shores */
    public function __construct(private array $shores, private float $fromDeg)
    {
    }

    /** m of open water upwind of a place; null where no shore is drawn that way */
    public function fetchM(Position $at): ?float
    {
        $far = $at->onward($this->fromDeg, 1.0);
        [$dx, $dy] = [$far->east - $at->east, $far->north - $at->north];
        $nearest = null;
        foreach ($this->shores as $shore) {
            for ($i = 1; $i < count($shore); $i++) {
                $metres = self::meets($at, $dx, $dy, $shore[$i - 1], $shore[$i]);
                $nearest = $metres === null ? $nearest : min($nearest ?? INF, $metres);
            }
        }

        return $nearest;
    }

    /** Null where no shore is drawn upwind: then nobody knows. */
    public function shelters(Position $at): ?bool
    {
        $fetch = $this->fetchM($at);

        return $fetch === null ? null : $fetch <= self::SHELTERED_M;
    }

    /** m along a ray to where it meets a piece of shore */
    private static function meets(Position $at, float $dx, float $dy, Position $from, Position $to): ?float
    {
        [$sx, $sy] = [$to->east - $from->east, $to->north - $from->north];
        $turn = $dx * $sy - $dy * $sx;
        if (abs($turn) < 1e-12) {
            return null;
        }
        [$ox, $oy] = [$from->east - $at->east, $from->north - $at->north];
        $along = ($ox * $sy - $oy * $sx) / $turn;
        $share = ($ox * $dy - $oy * $dx) / $turn;

        return $along >= 0.0 && $share >= 0.0 && $share <= 1.0 ? $along : null;
    }
}
