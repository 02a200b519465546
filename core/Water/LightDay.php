<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

use Eskith\Core\Units\InvalidInput;

/** The light of a local day from the sun's height and the cloud, in parts without a gap, midnight to midnight. */
final readonly class LightDay
{
    private const DAY_MIN = 1440;

    /** Minutes between two looks. */
    private const LOOK_MIN = 2;

    /** @param  list<LightSpan>  $spans */
    private function __construct(public array $spans)
    {
    }

    /** @throws InvalidInput for a place, a date or an offset that cannot be */
    public static function of(float $latitude, float $longitude, string $date, float $utcOffsetMin, Cloud $cloud): self
    {
        $start = SunDay::julianStart($latitude, $longitude, $date, $utcOffsetMin);
        $spans = [];
        $from = 0;
        $last = null;
        for ($minute = 0; $minute <= self::DAY_MIN; $minute += self::LOOK_MIN) {
            $light = $cloud->light(SunDay::heightDeg($start + $minute / self::DAY_MIN, $latitude, $longitude));
            if ($minute > 0 && ($light !== $last || $minute === self::DAY_MIN)) {
                $spans[] = new LightSpan($from, $minute, $last);
                $from = $minute;
            }
            $last = $light;
        }

        return new self($spans);
    }

    /** At so many minutes after local midnight; null at night. */
    public function at(float $minute): ?Light
    {
        foreach ($this->spans as $span) {
            if ($minute >= $span->fromMin && $minute < $span->toMin) {
                return $span->light;
            }
        }

        return null;
    }
}
