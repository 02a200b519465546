<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence\Plan;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Position;
use Eskith\Core\Words\Words;

/** Casts along a wall or a weed edge, in the order in which they are made. Metres. */
final readonly class WallPlan
{
    /** m: a landing so near to a corner is at it. */
    private const AT_M = 1e-6;

    /** m from a rod to the far end of what a stand-off, a spacing or an aim can be. */
    private const FAR_M = 1_000.0;

    /**
     * @param  list<Cast>  $casts
     * @param  list<string>  $notes  what is wrong with which stand, by its number from 1
     */
    private function __construct(public array $casts, public array $notes, public float $lengthM)
    {
    }

    /**
     * @param  list<Position>  $points  of the line, in the order in which it is walked
     * @param  float  $spacingM  at most so far between two landings, along the line
     * @param  float  $standOffM  from the line
     * @param  bool  $left  of the walking direction; else right
     * @param  float  $aimPastM  beyond the landing: what a closed bail swings in; 0 where the wall is rock
     *
     * @throws InvalidInput for a line of no length or a figure that cannot be
     */
    public static function of(array $points, float $spacingM, float $standOffM, bool $left, float $aimPastM): self
    {
        $points = Limits::points($points, 'points');
        if (count($points) < 2) {
            throw InvalidInput::because('points', 'A wall or an edge has at least two points that are not the same.');
        }
        Limits::demand($spacingM, self::FAR_M, 'spacing_m', 'Landings are over 0 and up to 1000 m apart.');
        Limits::demand($standOffM, self::FAR_M, 'stand_off_m', 'Stand over 0 and up to 1000 m off.');
        if (! ($aimPastM >= 0.0 && $aimPastM <= self::FAR_M)) {
            throw InvalidInput::because('aim_past_m', 'Aim 0 to 1000 m past the landing.');
        }
        $along = [0.0];
        for ($i = 1; $i < count($points); $i++) {
            $along[] = $along[$i - 1] + $points[$i - 1]->distanceTo($points[$i]);
        }
        $length = $along[count($along) - 1];
        $count = Limits::parts($length, $spacingM, 'spacing_m');
        $casts = [];
        $notes = [];
        $leg = 0;
        for ($i = 0; $i <= $count; $i++) {
            $at = $i * $length / $count;
            while ($leg < count($points) - 2 && $along[$leg + 1] <= $at - self::AT_M) {
                $leg++;
            }
            $legs = self::legsAt($along, $leg, $at, count($points));
            $share = max(0.0, min(1.0, ($at - $along[$leg]) / ($along[$leg + 1] - $along[$leg])));
            [$from, $to] = [$points[$leg], $points[$leg + 1]];
            $lands = $from->plus($share * ($to->east - $from->east), $share * ($to->north - $from->north));
            [$east, $north] = self::off($points, $legs, $left);
            $stand = $lands->plus($standOffM * $east, $standOffM * $north);
            $casts[] = new Cast($stand, $lands->plus(-$aimPastM * $east, -$aimPastM * $north), $lands);
            $trouble = self::trouble($points, $legs, $stand, $lands, $standOffM);
            if ($trouble !== null) {
                $notes[] = Words::of('Stand {i} {trouble}', i: $i + 1, trouble: $trouble);
            }
        }

        return new self($casts, $notes, $length);
    }

    /**
     * The legs that a landing is on: one, or the two that meet at a corner.
     *
     * @param  list<float>  $along  of each point
     * @return non-empty-list<int>
     */
    private static function legsAt(array $along, int $leg, float $at, int $points): array
    {
        return match (true) {
            $leg > 0 && abs($at - $along[$leg]) <= self::AT_M => [$leg - 1, $leg],
            $leg < $points - 2 && abs($at - $along[$leg + 1]) <= self::AT_M => [$leg, $leg + 1],
            default => [$leg],
        };
    }

    /**
     * Away from the line: square to the leg, at a corner along the bisector.
     *
     * @param  list<Position>  $points
     * @param  non-empty-list<int>  $legs
     * @return array{float, float} unit vector
     */
    private static function off(array $points, array $legs, bool $left): array
    {
        $sum = [0.0, 0.0];
        $first = null;
        foreach ($legs as $leg) {
            [$east, $north] = $points[$leg]->toward($points[$leg + 1]) ?? [0.0, 1.0];
            $square = $left ? [-$north, $east] : [$north, -$east];
            $first ??= $square;
            $sum = [$sum[0] + $square[0], $sum[1] + $square[1]];
        }
        $size = hypot(...$sum);

        // Where the line turns straight back there is no bisector.
        return $size < self::AT_M ? $first : [$sum[0] / $size, $sum[1] / $size];
    }

    /**
     * @param  list<Position>  $points
     * @param  non-empty-list<int>  $own  legs that the landing is on
     */
    private static function trouble(array $points, array $own, Position $stand, Position $lands, float $standOffM): ?string
    {
        for ($leg = 0; $leg < count($points) - 1; $leg++) {
            if (in_array($leg, $own, true)) {
                continue;
            }
            if (self::crosses($stand, $lands, $points[$leg], $points[$leg + 1])) {
                return 'is behind another part of the line: cast from elsewhere.';
            }
            if ($stand->distanceToWay($points[$leg], $points[$leg + 1]) < $standOffM / 2) {
                return 'is nearer than half the stand-off to another part of the line.';
            }
        }

        return null;
    }

    /** Whether the way from a stand to its landing goes through a leg before it is there. */
    private static function crosses(Position $stand, Position $lands, Position $from, Position $to): bool
    {
        $side = static fn (Position $a, Position $b, Position $c): float => ($b->east - $a->east) * ($c->north - $a->north)
            - ($b->north - $a->north) * ($c->east - $a->east);
        $over = $side($from, $to, $stand) * $side($from, $to, $lands);
        $under = $side($stand, $lands, $from) * $side($stand, $lands, $to);

        return $over < 0.0 && $under <= 0.0 && $lands->distanceToWay($from, $to) > self::AT_M;
    }
}
