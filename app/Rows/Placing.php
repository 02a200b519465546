<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Spot;
use App\Models\Water;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Frame;
use Eskith\Core\Water\Position;

/** Where things of a water lie: in metres round it, and on the earth where it has an origin. */
final class Placing
{
    /** Null for a water that is only sketched. */
    public static function frame(Water $water): ?Frame
    {
        if ($water->latitude === null || $water->longitude === null) {
            return null;
        }
        try {
            return Frame::of($water->latitude, $water->longitude);
        } catch (InvalidInput) {
            return null;
        }
    }

    /** Null for one that is not placed. */
    public static function spot(Spot $spot): ?Position
    {
        return $spot->east_m === null || $spot->north_m === null ? null : self::position($spot->east_m, $spot->north_m);
    }

    /** Null farther out than any water goes. */
    public static function position(float $east, float $north): ?Position
    {
        return hypot($east, $north) <= 2 * Frame::FARTHEST_M ? new Position($east, $north) : null;
    }

    /** @return array{float, float}|null latitude and longitude of a spot, else of its water; null where neither is known */
    public static function degrees(Spot $spot): ?array
    {
        return self::frame($spot->water)?->degrees(self::spot($spot) ?? new Position(0.0, 0.0));
    }

    /**
     * A line as it is kept; what of it is no place is left out.
     *
     * @param  array<array-key, mixed>|null  $points  null where what is kept cannot be read
     * @return list<Position>
     */
    public static function line(?array $points): array
    {
        $line = [];
        foreach ($points ?? [] as $pair) {
            if (is_array($pair) && is_numeric($pair[0] ?? null) && is_numeric($pair[1] ?? null)) {
                $line[] = self::position((float) $pair[0], (float) $pair[1]);
            }
        }

        return array_values(array_filter($line));
    }
}
