<?php

declare(strict_types=1);

namespace Eskith\Core\Formats\Nmea;

use Eskith\Core\Units\Unit;

/**
 * Reads a stream of NMEA 0183 as it comes: in pieces, with half lines, wrong checksums, unknown talkers and empty
 * fields. What is wrong is dropped and counted, never thrown. Any talker is heard; known kinds are DPT, DBT, MTW, VTG,
 * GGA, RMC and MWV.
 */
final class Reader
{
    /** Bytes without a line end that are kept; a longer run is noise. */
    private const PENDING = 1024;

    private string $pending = '';

    private int $heard = 0;

    private int $dropped = 0;

    /**
     * @param  string  $bytes  what has come since the last call, any length
     * @return list<Observation> one for each sentence that told something
     */
    public function push(string $bytes): array
    {
        $lines = preg_split('/[\r\n]+/', $this->pending.$bytes) ?: [];
        $this->pending = (string) array_pop($lines);
        if (strlen($this->pending) > self::PENDING) {
            $this->pending = '';
            $this->dropped++;
        }
        $told = [];
        foreach ($lines as $line) {
            if (trim($line) === '') {
                continue;
            }
            $sentence = Sentence::parse($line);
            if ($sentence === null) {
                $this->dropped++;

                continue;
            }
            $this->heard++;
            $observation = self::observe($sentence);
            if ($observation !== null && ! $observation->isEmpty()) {
                $told[] = $observation;
            }
        }

        return $told;
    }

    /** Whole sentences with the right checksum so far. */
    public function heard(): int
    {
        return $this->heard;
    }

    /** Lines that were no such sentence. */
    public function dropped(): int
    {
        return $this->dropped;
    }

    private static function observe(Sentence $s): ?Observation
    {
        return match ($s->kind) {
            'DPT' => new Observation(depthM: self::within(self::plus($s->number(0), max(0.0, $s->number(1) ?? 0.0)), 0.1, 500)),
            'DBT' => new Observation(depthM: self::within($s->number(2) ?? self::scaled($s->number(0), Unit::Foot->factor()), 0.1, 500)),
            'MTW' => new Observation(waterC: self::within($s->number(0), -3, 45)),
            'VTG' => new Observation(
                speedMs: self::within(
                    self::scaled($s->number(4), Unit::Knot->factor()) ?? self::scaled($s->number(6), Unit::KilometrePerHour->factor()),
                    0, 60,
                ),
                courseDeg: self::within($s->number(0), 0, 360),
            ),
            'GGA' => ($s->number(5) ?? 0.0) < 1 ? null : self::place($s, 1),
            'RMC' => $s->field(1) !== 'A' ? null : self::withSpeed(self::place($s, 2), $s),
            'MWV' => $s->field(4) !== 'A' ? null : new Observation(
                windMs: self::within(
                    self::scaled(
                        $s->number(2),
                        [
                            'K' => Unit::KilometrePerHour->factor(), 'M' => 1.0, 'N' => Unit::Knot->factor(),
                            'S' => Unit::MilePerHour->factor(),
                        ][$s->field(3)] ?? null,
                    ),
                    0, 90,
                ),
                windDeg: self::within($s->number(0), 0, 360),
            ),
            default => null,
        };
    }

    private static function place(Sentence $s, int $field): Observation
    {
        $latitude = self::degrees($s->number($field), $s->field($field + 1), 'N', 'S', 90);
        $longitude = self::degrees($s->number($field + 2), $s->field($field + 3), 'E', 'W', 180);

        return $latitude === null || $longitude === null ? new Observation : new Observation(latitude: $latitude, longitude: $longitude);
    }

    private static function withSpeed(Observation $place, Sentence $s): Observation
    {
        return new Observation(
            speedMs: self::within(self::scaled($s->number(6), Unit::Knot->factor()), 0, 60),
            courseDeg: self::within($s->number(7), 0, 360),
            latitude: $place->latitude,
            longitude: $place->longitude,
        );
    }

    /** ddmm.mmmm with a letter → degrees. */
    private static function degrees(?float $value, string $side, string $plus, string $minus, float $most): ?float
    {
        if ($value === null || $value < 0 || ($side !== $plus && $side !== $minus)) {
            return null;
        }
        $whole = floor($value / 100);
        $minutes = $value - 100 * $whole;
        $degrees = $whole + $minutes / 60;

        return $minutes < 60 && $degrees <= $most ? ($side === $minus ? -$degrees : $degrees) : null;
    }

    private static function scaled(?float $value, ?float $factor): ?float
    {
        return $value === null || $factor === null ? null : $value * $factor;
    }

    private static function plus(?float $value, float $more): ?float
    {
        return $value === null ? null : $value + $more;
    }

    private static function within(?float $value, float $low, float $high): ?float
    {
        return $value !== null && $value >= $low && $value <= $high ? $value : null;
    }
}
