<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

use Eskith\Core\Units\InvalidInput;

/**
 * Sunrise, sunset and civil twilight of a local day, minutes after its midnight: the first such moment of the day, null where
 * there is none. The sun's place by Meeus, Astronomical Algorithms, chapter 25, to about 0.01°.
 */
final readonly class SunDay
{
    /** Height of the sun's centre at rise and set: refraction and its half width. */
    private const HORIZON_DEG = -0.833;

    private const TWILIGHT_DEG = -6.0;

    private const DAY_MIN = 1440;

    /** Minutes between two looks at the height. */
    private const LOOK_MIN = 2;

    private function __construct(
        public ?float $sunrise, public ?float $sunset, public ?float $civilDawn, public ?float $civilDusk,
    ) {
    }

    /**
     * @param  string  $date  local, YYYY-MM-DD
     * @param  float  $utcOffsetMin  minutes that local time is ahead of universal time
     *
     * @throws InvalidInput for a place, a date or an offset that cannot be
     */
    public static function of(float $latitude, float $longitude, string $date, float $utcOffsetMin): self
    {
        $start = self::julianStart($latitude, $longitude, $date, $utcOffsetMin);
        $height = static fn (float $minute): float => self::heightDeg($start + $minute / self::DAY_MIN, $latitude, $longitude);
        $heights = [];
        for ($minute = 0; $minute <= self::DAY_MIN; $minute += self::LOOK_MIN) {
            $heights[] = $height($minute);
        }

        return new self(
            self::first($heights, $height, self::HORIZON_DEG, true), self::first($heights, $height, self::HORIZON_DEG, false),
            self::first($heights, $height, self::TWILIGHT_DEG, true), self::first($heights, $height, self::TWILIGHT_DEG, false),
        );
    }

    /**
     * Julian day of the local midnight.
     *
     * @throws InvalidInput for a place, a date or an offset that cannot be
     */
    public static function julianStart(float $latitude, float $longitude, string $date, float $utcOffsetMin): float
    {
        if (! (abs($latitude) <= 90.0)) {
            throw InvalidInput::because('latitude', 'A latitude lies between −90 and 90.');
        }
        if (! (abs($longitude) <= 180.0)) {
            throw InvalidInput::because('longitude', 'A longitude lies between −180 and 180.');
        }
        if (! (abs($utcOffsetMin) <= 900.0)) {
            throw InvalidInput::because('utc_offset_min', 'Local time is at most 900 minutes from universal time.');
        }

        return self::julianDay($date) - $utcOffsetMin / self::DAY_MIN;
    }

    /** Degrees that the sun's centre stands above the level, without refraction. */
    public static function heightDeg(float $julianDay, float $latitude, float $longitude): float
    {
        $century = ($julianDay - 2451545.0) / 36525;
        $mean = 280.46646 + $century * (36000.76983 + 0.0003032 * $century);
        $anomaly = deg2rad(357.52911 + $century * (35999.05029 - 0.0001537 * $century));
        $centre = (1.914602 - $century * (0.004817 + 0.000014 * $century)) * sin($anomaly)
            + (0.019993 - 0.000101 * $century) * sin(2 * $anomaly) + 0.000289 * sin(3 * $anomaly);
        $node = deg2rad(125.04 - 1934.136 * $century);
        $long = deg2rad($mean + $centre - 0.00569 - 0.00478 * sin($node));
        $tilt = deg2rad(23.439291 - 0.0130042 * $century + 0.00256 * cos($node));
        $right = atan2(cos($tilt) * sin($long), cos($long));
        $declination = asin(sin($tilt) * sin($long));
        $sidereal = deg2rad(280.46061837 + 360.98564736629 * ($julianDay - 2451545.0) + 0.000387933 * $century * $century);
        $hour = $sidereal + deg2rad($longitude) - $right;
        $north = deg2rad($latitude);

        return rad2deg(asin(max(-1.0, min(1.0, sin($north) * sin($declination) + cos($north) * cos($declination) * cos($hour)))));
    }

    /**
     * @param  list<float>  $heights
     * @param  \Closure(float): float  $height
     */
    private static function first(array $heights, \Closure $height, float $level, bool $rising): ?float
    {
        for ($i = 1; $i < count($heights); $i++) {
            [$before, $now] = [$heights[$i - 1] - $level, $heights[$i] - $level];
            if ($rising ? $before < 0.0 && $now >= 0.0 : $before >= 0.0 && $now < 0.0) {
                [$low, $high] = [self::LOOK_MIN * ($i - 1.0), self::LOOK_MIN * (float) $i];
                for ($n = 0; $n < 40; $n++) {
                    $middle = ($low + $high) / 2;
                    ($height($middle) - $level < 0.0) === $rising ? $low = $middle : $high = $middle;
                }

                return ($low + $high) / 2;
            }
        }

        return null;
    }

    /** Of the date's midnight, were it universal time. */
    private static function julianDay(string $date): float
    {
        if (preg_match('/^(\d{4})-(\d\d)-(\d\d)$/D', $date, $found) !== 1
            || ! checkdate((int) $found[2], (int) $found[3], (int) $found[1]) || (int) $found[1] < 1900 || (int) $found[1] > 2100) {
            throw InvalidInput::because('date', 'A date is written as 2026-11-25, between 1900 and 2100.');
        }
        [$year, $month, $day] = [(int) $found[1], (int) $found[2], (int) $found[3]];
        // Days to the first of March, from which months can be counted off.
        $shift = intdiv(14 - $month, 12);
        [$y, $m] = [$year + 4800 - $shift, $month + 12 * $shift - 3];

        return $day + intdiv(153 * $m + 2, 5) + 365 * $y + intdiv($y, 4) - intdiv($y, 100) + intdiv($y, 400) - 32045 - 0.5;
    }
}
