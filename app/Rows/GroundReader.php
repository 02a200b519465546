<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Water;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Frame;
use Eskith\Core\Water\Ground;
use Eskith\Core\Water\Position;
use Eskith\Core\Water\Survey;
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
        $around = self::AROUND_M + self::AROUND * $reachM;
        [$east, $north] = [
            array_map(static fn (Position $at): float => $at->east, $line), array_map(static fn (Position $at): float => $at->north, $line),
        ];

        return self::ground(
            self::rows($water)->whereBetween('east_m', [min($east) - $around, max($east) + $around])
                ->whereBetween('north_m', [min($north) - $around, max($north) + $around]),
        );
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
            $counts[Raw::whole($row->survey_id)] = Raw::whole($row->many);
        }

        return $counts;
    }

    private static function ground(Builder $rows): Ground
    {
        $soundings = [];
        foreach ($rows->get(['east_m', 'north_m', 'depth_m']) as $row) {
            [$east, $north, $depth] = [Raw::number($row->east_m), Raw::number($row->north_m), Raw::number($row->depth_m)];
            if (hypot($east, $north) <= 2 * Frame::FARTHEST_M && abs($depth) <= 1_000.0) {
                $soundings[] = [$east, $north, $depth];
            }
        }
        try {
            return Ground::of(Survey::thin($soundings, self::MOST), self::ASKS_M);
        } catch (InvalidInput) {
            return Ground::of([], self::ASKS_M);
        }
    }
}
