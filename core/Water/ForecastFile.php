<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

use Eskith\Core\Formats\JsonBounds;
use Eskith\Core\Units\InvalidInput;

/** A forecast as a file or an address gives it: JSON, docs/forecast.md, public/schema/forecast.schema.json. */
final readonly class ForecastFile
{
    public const FORMAT = 'eskith-forecast';

    public const VERSION = 1;

    /** Largest that is read, bytes. */
    public const BYTES = 200_000;

    private const HOURS = 500;

    /** s from a moment within which an hour still speaks of it. */
    private const SPEAKS_S = 5_400;

    /** Shares of the sky from which on it is called broken, and overcast. */
    private const CLOUD = [0.3, 0.8];

    /** Names of figures with the lowest and highest believed. */
    private const FIGURES = [
        'wind_ms' => [0.0, 60.0], 'gust_ms' => [0.0, 80.0], 'wind_from_deg' => [0.0, 360.0], 'cloud' => [0.0, 1.0],
        'air_c' => [-60.0, 55.0],
    ];

    /** @param  list<ForecastHour>  $hours  the first first */
    private function __construct(public string $source, public array $hours)
    {
    }

    /** @throws InvalidInput when it is no such file; the words name the hour and the figure */
    public static function read(string $json): self
    {
        $wrong = 'That is no forecast: it is JSON as docs/forecast.md says, up to 200 kB.';
        if (strlen($json) > self::BYTES || ! JsonBounds::hold($json)) {
            throw InvalidInput::because('file', $wrong);
        }
        $given = json_decode($json, true, JsonBounds::LEVELS);
        if (! is_array($given) || ($given['format'] ?? null) !== self::FORMAT || ($given['version'] ?? null) !== self::VERSION
            || ! is_array($given['hours'] ?? null) || ! array_is_list($given['hours'])) {
            throw InvalidInput::because('file', $wrong);
        }
        if ($given['hours'] === [] || count($given['hours']) > self::HOURS) {
            throw InvalidInput::because('file', 'A forecast has between 1 and {hours} hours.', hours: self::HOURS);
        }
        $hours = [];
        foreach ($given['hours'] as $n => $hour) {
            $hours[] = self::hour($n + 1, $hour);
        }
        usort($hours, static fn (ForecastHour $one, ForecastHour $other): int => $one->at <=> $other->at);
        $source = is_string($given['source'] ?? null) ? $given['source'] : '';

        return new self(mb_substr(trim((string) preg_replace('/[\p{C}\s]+/u', ' ', $source)), 0, 80), $hours);
    }

    /** @throws InvalidInput */
    private static function hour(int $no, mixed $given): ForecastHour
    {
        $at = is_array($given) && is_string($given['at'] ?? null)
            && preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d)?(Z|[+-]\d\d:\d\d)$/D', $given['at']) === 1 ? strtotime($given['at']) : false;
        if (! is_array($given) || $at === false) {
            throw InvalidInput::because('file', 'Hour {no} of the forecast has no time such as 2026-11-30T08:00:00Z.', no: $no);
        }
        $read = array_fill_keys(array_keys(self::FIGURES), null);
        foreach (self::FIGURES as $name => [$low, $high]) {
            $value = $given[$name] ?? null;
            if ($value !== null && (! (is_int($value) || is_float($value)) || $value < $low || $value > $high)) {
                throw InvalidInput::because(
                    'file', 'Hour {no} of the forecast: {name} is a number from {low} to {high}.',
                    no: $no, name: $name, low: $low, high: $high,
                );
            }
            $read[$name] = $value === null ? null : (float) $value;
        }

        return new ForecastHour(
            at: $at, windMs: $read['wind_ms'], gustMs: $read['gust_ms'],
            from: $read['wind_from_deg'] === null ? null : WindFrom::near($read['wind_from_deg']),
            cloud: $read['cloud'] === null ? null : self::cloud($read['cloud']), airC: $read['air_c'],
        );
    }

    private static function cloud(float $share): Cloud
    {
        return $share < self::CLOUD[0] ? Cloud::Clear : ($share < self::CLOUD[1] ? Cloud::Broken : Cloud::Overcast);
    }

    /** What is said of a moment: the hour next to it; null where none is near. */
    public function at(int $moment): ?ForecastHour
    {
        $nearest = null;
        foreach ($this->hours as $hour) {
            if ($nearest === null || abs($hour->at - $moment) < abs($nearest->at - $moment)) {
                $nearest = $hour;
            }
        }

        return $nearest === null || abs($nearest->at - $moment) > self::SPEAKS_S ? null : $nearest;
    }
}
