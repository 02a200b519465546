<?php

declare(strict_types=1);

namespace App\Database;

use Eskith\Core\Units\InvalidInput;
use Illuminate\Support\Facades\DB;

/**
 * How much one angler can have of each thing, in the one place where that is said: writers, files that are read in, copies and
 * joined waters all go by it. Far more than anybody fishes with; up to here every page stays quick.
 */
final class Caps
{
    /** By table: most rows of one angler, and what they are called. */
    private const OF_ANGLER = [
        'waters' => [200, 'waters'], 'spots' => [2_000, 'spots'], 'card_rules' => [1_000, 'sizes and bags'], 'lines' => [100, 'lines'],
        'lures' => [2_000, 'lures'], 'gear' => [500, 'things of gear'], 'rods' => [60, 'rods'], 'history' => [5_000, 'lines of history'],
        'measurements' => [600, 'measurements'], 'outings' => [1_000, 'outings'], 'setups' => [6_000, 'setups'],
        'events' => [300_000, 'entries'], 'pauses' => [5_000, 'pauses'], 'moves' => [5_000, 'moves'], 'plans' => [200, 'plans'],
        'marks' => [10_000, 'marks'], 'tracks' => [20_000, 'parts of tracks'], 'pictures' => [500, 'pictures'],
        'edges' => [2_000, 'lines'], 'surveys' => [2_000, 'surveys'], 'soundings' => [300_000, 'soundings'],
        'readings' => [200, 'readings'], 'readings_elsewhere' => [200, 'readings'], 'readings_gone' => [200, 'readings'],
        'rule_choices' => [300, 'rules'],
    ];

    /** By table: most rows of one water. */
    private const OF_WATER = [
        'spots' => [200, 'spots'], 'card_rules' => [60, 'sizes and bags'], 'marks' => [1_000, 'marks'], 'edges' => [200, 'lines'],
        'surveys' => [300, 'surveys'],
    ];

    /** Soundings of one water, over all of its surveys. */
    public const SOUNDINGS = 30_000;

    /** @return int|null most rows of one water in a table; null where that is not counted */
    public static function ofWater(string $table): ?int
    {
        return $table === 'soundings' ? self::SOUNDINGS : self::OF_WATER[$table][0] ?? null;
    }

    /** Entries of one outing. */
    public const EVENTS = 5_000;

    /** Between two counts of all of an angler's entries: a tap has no time for that. */
    private const NOW_AND_THEN = 50;

    /** What all pictures of one angler hold, bytes: an archive carries them. */
    public const PICTURE_BYTES = 70_000_000;

    /** Rows of one angler in all. */
    public static function inAll(): int
    {
        return array_sum(array_column(self::OF_ANGLER, 0));
    }

    /** Most rows of one angler in a table. */
    public static function of(string $table): int
    {
        return self::OF_ANGLER[$table][0];
    }

    /** Room that an angler has in a table. */
    public static function room(int $angler, string $table): int
    {
        return self::of($table) - DB::table($table)->where('user_id', $angler)->count();
    }

    /**
     * @param  int  $more  rows that are to come
     *
     * @throws InvalidInput when there would be too many
     */
    public static function demand(int $angler, string $table, int $more = 1, string $field = 'name'): void
    {
        if (self::room($angler, $table) < $more) {
            [$most, $words] = self::OF_ANGLER[$table];
            throw InvalidInput::because(
                $field, 'You have {most} {words} already, the most there can be. Take some away first.',
                most: number_format($most), words: $words,
            );
        }
    }

    /**
     * @param  int  $more  rows that are to come
     *
     * @throws InvalidInput when the water would hold too many
     */
    public static function demandInWater(int $water, string $table, int $more = 1, string $field = 'name'): void
    {
        [$most, $words] = self::OF_WATER[$table] ?? [PHP_INT_MAX, ''];
        if (DB::table($table)->where('water_id', $water)->count() + $more > $most) {
            throw InvalidInput::because(
                $field, 'A water holds {most} {words}. Take some away first.', most: number_format($most), words: $words,
            );
        }
    }

    /** @throws InvalidInput when a water would hold too many soundings, or its angler */
    public static function demandSoundings(int $angler, int $water, int $more): void
    {
        $there = DB::table('soundings')->whereIn('survey_id', DB::table('surveys')->select('id')->where('water_id', $water))->count();
        if ($there + $more > self::SOUNDINGS) {
            throw InvalidInput::because(
                'file', 'A water holds {soundings} soundings. Take a survey of before away first.',
                soundings: number_format(self::SOUNDINGS),
            );
        }
        self::demand($angler, 'soundings', $more, 'file');
    }

    /**
     * @param  int  $bytes  of one that is to come
     *
     * @throws InvalidInput when an angler's pictures would take too much room
     */
    public static function demandPicture(int $angler, int $bytes): void
    {
        if ($bytes > self::roomForPictures($angler)) {
            throw InvalidInput::because(
                'picture', 'Your pictures have {megabytes} MB here, all used. Take some away first.',
                megabytes: self::PICTURE_BYTES / 1_000_000,
            );
        }
    }

    /** @return int bytes */
    public static function roomForPictures(int $angler): int
    {
        return self::PICTURE_BYTES - (int) DB::table('pictures')->where('user_id', $angler)->sum('size');
    }

    /** @throws InvalidInput when an outing would hold too many entries, or its angler */
    public static function demandEvent(int $angler, int $outing): void
    {
        $there = DB::table('events')->where('outing_id', $outing)->count();
        if ($there >= self::EVENTS) {
            throw InvalidInput::because(
                'outing', 'An outing holds {events} entries. Begin another.', events: number_format(self::EVENTS),
            );
        }
        if ($there % self::NOW_AND_THEN === 0) {
            self::demand($angler, 'events', field: 'outing');
        }
    }
}
