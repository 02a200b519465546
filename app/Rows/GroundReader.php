<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Water;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Frame;
use Eskith\Core\Water\Ground;
use Eskith\Core\Water\Position;
use Eskith\Core\Water\Survey;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** The bottom of a water from all that was sounded there, but for what is still being recorded. */
final class GroundReader
{
    /** Soundings that one ground rests on; more are thinned. */
    public const MOST = 9_000;

    /** m: how far a ground of which nothing is known yet asks around. */
    private const ASKS_M = 60.0;

    /** m around a line from which soundings can matter to its section, and reaches. */
    private const AROUND_M = 10.0;

    private const AROUND = 2.5;

    public static function of(Water $water): Ground
    {
        return self::ground(self::rows($water));
    }

    /**
     * What of it lies near a line, for a section in no time.
     *
     * @param  non-empty-list<Position>  $line
     */
    public static function near(Water $water, array $line, float $reachM): Ground
    {
        return self::ground(self::within(self::rows($water), self::box($line, $reachM)));
    }

    /**
     * How deep it is at each of some places, by what was sounded near it.
     *
     * @param  list<Position>  $places
     * @return \Closure(Position): (float|null)  m below the zero at one of them, null where nothing near it is known; what was
     *                                           sounded is read once, when the first is asked
     */
    public static function depthNear(Water $water, array $places, float $reachM): \Closure
    {
        $all = null;

        return static function (Position $at) use ($water, $places, $reachM, &$all): ?float {
            $all ??= self::soundings(self::within(self::rows($water), self::box([$at, ...$places], $reachM)));
            [$east, $north, $toEast, $toNorth] = self::box([$at], $reachM);

            return self::groundOf(array_values(array_filter($all, static fn (array $one): bool => $one[0] >= $east && $one[0] <= $toEast
                && $one[1] >= $north && $one[1] <= $toNorth)))->depthAt($at->east, $at->north, $reachM);
        };
    }

    /**
     * @param  non-empty-list<Position>  $line
     * @return array{float, float, float, float} least east and north, most east and north of what can matter to it
     */
    private static function box(array $line, float $reachM): array
    {
        $around = self::AROUND_M + self::AROUND * $reachM;
        [$east, $north] = [
            array_map(static fn (Position $at): float => $at->east, $line), array_map(static fn (Position $at): float => $at->north, $line),
        ];

        return [min($east) - $around, min($north) - $around, max($east) + $around, max($north) + $around];
    }

    /** @param  array{float, float, float, float}  $box */
    private static function within(Builder $rows, array $box): Builder
    {
        return $rows->whereBetween('east_m', [$box[0], $box[2]])->whereBetween('north_m', [$box[1], $box[3]]);
    }

    /** @return Builder rows of soundings of a water, without what is being recorded */
    public static function rows(Water $water): Builder
    {
        return DB::table('soundings')->join('surveys', 'surveys.id', '=', 'soundings.survey_id')
            ->where('surveys.water_id', $water->id)->whereNotNull('surveys.until_at')->orderBy('soundings.id');
    }

    /** @return array<int, int> soundings by survey */
    public static function counts(Water $water): array
    {
        $counts = [];
        foreach (self::rows($water)->reorder()->groupBy('survey_id')->selectRaw('survey_id, count(*) as many')->get() as $row) {
            $counts[Coerce::whole($row->survey_id)] = Coerce::whole($row->many);
        }

        return $counts;
    }

    private static function ground(Builder $rows): Ground
    {
        return self::groundOf(self::soundings($rows));
    }

    /** @return list<array{float, float, float}> m east, north and deep, without what no water has */
    private static function soundings(Builder $rows): array
    {
        $soundings = [];
        foreach ($rows->get(['east_m', 'north_m', 'depth_m']) as $row) {
            [$east, $north, $depth] = [Coerce::number($row->east_m), Coerce::number($row->north_m), Coerce::number($row->depth_m)];
            if (hypot($east, $north) <= 2 * Frame::FARTHEST_M && abs($depth) <= 1_000.0) {
                $soundings[] = [$east, $north, $depth];
            }
        }

        return $soundings;
    }

    /** @param  list<array{float, float, float}>  $soundings */
    private static function groundOf(array $soundings): Ground
    {
        try {
            return Ground::of(Survey::thin($soundings, self::MOST), self::ASKS_M);
        } catch (InvalidInput) {
            return Ground::of([], self::ASKS_M);
        }
    }
}
