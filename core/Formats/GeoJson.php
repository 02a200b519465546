<?php

declare(strict_types=1);

namespace Eskith\Core\Formats;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;
use JsonException;

/**
 * GeoJSON (RFC 7946): places are points, lines are line strings, tracks are line strings with their depths beside them in
 * `depths`, since a third figure of a position is its height. Longitude comes first.
 */
final class GeoJson
{
    /** Brackets and commas of a file at the most: more is no file of places. */
    private const SIGNS = 1_200_000;

    private const BYTES = 25_000_000;

    private const LEVELS = 12;

    /** Letters of a text that are kept. */
    private const LETTERS = 2_000;

    public static function write(PlacesFile $places): string
    {
        $features = array_map(self::point(...), $places->waypoints);
        foreach ([['route', $places->routes], ['track', $places->tracks]] as [$as, $lines]) {
            foreach ($lines as $line) {
                $features[] = self::line($line, $as);
            }
        }

        return json_encode(
            ['type' => 'FeatureCollection', 'features' => $features],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        )."\n";
    }

    /** @throws InvalidInput in a sentence that says what is wrong */
    public static function read(string $text): PlacesFile
    {
        PlacesFile::demandSize($text);
        if (strlen($text) > self::BYTES) {
            throw self::refused('That GeoJSON file is over 25 MB. Split it, or bring its tracks as GPX.');
        }
        if (substr_count($text, ',') + substr_count($text, '[') + substr_count($text, '{') > self::SIGNS) {
            throw self::refused(Words::of(
                'That file has more than {points} points. Split it.', points: number_format(PlacesFile::POINTS),
            ));
        }
        try {
            $file = json_decode($text, true, self::LEVELS, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw self::refused('That GeoJSON file is broken. Export it again.');
        }
        if (! is_array($file) || ($file['type'] ?? null) !== 'FeatureCollection' || ! is_array($file['features'] ?? null)) {
            throw self::refused('That is no GeoJSON file of places; it needs a FeatureCollection.');
        }
        $places = new PlacesFile;
        foreach (array_values($file['features']) as $i => $feature) {
            self::feature($places, is_array($feature) ? $feature : [], $i + 1);
        }
        if ($places->points() > PlacesFile::POINTS) {
            throw self::refused(Words::of(
                'That file has more than {points} points. Split it.', points: number_format(PlacesFile::POINTS),
            ));
        }

        return $places;
    }

    /** @return array<string, mixed> */
    private static function point(Waypoint $point): array
    {
        return [
            'type' => 'Feature',
            'geometry' => ['type' => 'Point', 'coordinates' => [round($point->longitude, 8), round($point->latitude, 8)]],
            'properties' => array_filter([
                'name' => $point->name, 'description' => $point->description, 'kind' => $point->kind, 'time' => $point->time,
                'depth_m' => $point->depthM === null ? null : round($point->depthM, 3), ...$point->more,
            ], static fn (mixed $value): bool => $value !== null && $value !== ''),
        ];
    }

    /** @return array<string, mixed> */
    private static function line(Track $line, string $as): array
    {
        $coordinates = array_map(
            static fn (float $longitude, float $latitude): array => [round($longitude, 8), round($latitude, 8)],
            $line->longitudes, $line->latitudes,
        );

        return [
            'type' => 'Feature', 'geometry' => ['type' => 'LineString', 'coordinates' => $coordinates],
            'properties' => array_filter([
                'name' => $line->name, 'description' => $line->description, 'kind' => $line->kind, 'as' => $as,
                'depths' => self::told($line->depths), 'times' => self::told($line->times), ...$line->more,
            ], static fn (mixed $value): bool => $value !== null && $value !== ''),
        ];
    }

    /**
     * @param  list<float>  $values
     * @return list<float|null>|null null where none is known
     */
    private static function told(array $values): ?array
    {
        return array_filter($values, is_finite(...)) === [] ? null : array_map(
            static fn (float $value): ?float => is_finite($value) ? round($value, 3) : null, $values,
        );
    }

    /**
     * @param  array<array-key, mixed>  $feature
     *
     * @throws InvalidInput
     */
    private static function feature(PlacesFile $places, array $feature, int $no): void
    {
        $geometry = is_array($feature['geometry'] ?? null) ? $feature['geometry'] : [];
        $known = is_array($feature['properties'] ?? null) ? $feature['properties'] : [];
        $coordinates = is_array($geometry['coordinates'] ?? null) ? array_values($geometry['coordinates']) : [];
        if (($geometry['type'] ?? null) === 'Point') {
            [$longitude, $latitude] = self::place($coordinates, $no);
            $places->waypoints[] = new Waypoint(
                latitude: $latitude, longitude: $longitude, name: self::text($known, 'name'),
                description: self::text($known, 'description'), kind: self::text($known, 'kind'), more: self::more($known),
                time: self::text($known, 'time') ?: null, depthM: self::number($known['depth_m'] ?? null),
            );
        } elseif (($geometry['type'] ?? null) === 'LineString') {
            $line = new Track(
                self::text($known, 'name'), self::text($known, 'kind'), self::text($known, 'description'), self::more($known),
            );
            [$depths, $times] = [self::beside($known, 'depths'), self::beside($known, 'times')];
            foreach ($coordinates as $i => $one) {
                [$longitude, $latitude] = self::place(is_array($one) ? array_values($one) : [], $no);
                $line->add($latitude, $longitude, self::number($depths[$i] ?? null) ?? NAN, self::number($times[$i] ?? null) ?? NAN);
            }
            ($known['as'] ?? null) === 'track' ? $places->tracks[] = $line : $places->routes[] = $line;
        } else {
            throw self::refused(Words::of('Feature {no} of that file is neither a point nor a line. Leave it out.', no: $no));
        }
    }

    /**
     * @param  list<mixed>  $pair
     * @return array{float, float} longitude and latitude
     *
     * @throws InvalidInput
     */
    private static function place(array $pair, int $no): array
    {
        [$longitude, $latitude] = [self::number($pair[0] ?? null), self::number($pair[1] ?? null)];

        return $latitude === null || $longitude === null || abs($latitude) > 90.0 || abs($longitude) > 180.0
            ? throw self::refused(Words::of('Feature {no} of that file has an impossible latitude or longitude.', no: $no))
            : [$longitude, $latitude];
    }

    /**
     * @param  array<array-key, mixed>  $known
     * @return array<string, string>
     */
    private static function more(array $known): array
    {
        $more = [];
        foreach ($known as $name => $value) {
            if (
                is_string($value) && is_string($name) && preg_match(Gpx::MORE, $name) === 1
                && ! in_array($name, ['name', 'description', 'kind', 'time', 'as', 'depths', 'times'], true)
            ) {
                $more[$name] = mb_substr($value, 0, self::LETTERS);
            }
        }

        return $more;
    }

    /**
     * @param  array<array-key, mixed>  $known
     * @return array<array-key, mixed>
     */
    private static function beside(array $known, string $name): array
    {
        return is_array($known[$name] ?? null) ? $known[$name] : [];
    }

    /** @param  array<array-key, mixed>  $known */
    private static function text(array $known, string $name): string
    {
        return is_string($known[$name] ?? null) ? mb_substr($known[$name], 0, self::LETTERS) : '';
    }

    private static function number(mixed $value): ?float
    {
        return (is_int($value) || is_float($value)) && is_finite((float) $value) ? (float) $value : null;
    }

    private static function refused(string $words): InvalidInput
    {
        return InvalidInput::because('file', $words);
    }
}
