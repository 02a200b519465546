<?php

declare(strict_types=1);

namespace Eskith\Core\Formats;

use XMLWriter;

/**
 * GPX 1.1 (topografix.com/GPX/1/1). What it has no element for stands in extensions of our own namespace; a depth also in the
 * description, for other readers.
 */
final class Gpx
{
    public const NAMESPACE = 'http://www.topografix.com/GPX/1/1';

    /** Of what GPX has no element for. */
    public const OWN = 'urn:eskith:gpx:1';

    /** Names of our own elements. */
    public const MORE = '/^[a-z][a-z_]{0,30}$/D';

    /** @param  PlacesFile|iterable<Waypoint>  $places */
    public static function write(PlacesFile|iterable $places): string
    {
        $xml = new XMLWriter;
        $xml->openMemory();
        $xml->setIndent(true);
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElement('gpx');
        $xml->writeAttribute('version', '1.1');
        $xml->writeAttribute('creator', 'Eskith');
        $xml->writeAttribute('xmlns', self::NAMESPACE);
        $xml->writeAttribute('xmlns:eskith', self::OWN);
        foreach ($places instanceof PlacesFile ? $places->waypoints : $places as $point) {
            self::waypoint($xml, $point);
        }
        if ($places instanceof PlacesFile) {
            foreach ($places->routes as $route) {
                self::line($xml, $route, 'rte');
            }
            foreach ($places->tracks as $track) {
                self::line($xml, $track, 'trk');
            }
        }
        $xml->endElement();
        $xml->endDocument();

        return $xml->outputMemory();
    }

    private static function waypoint(XMLWriter $xml, Waypoint $point): void
    {
        $xml->startElement('wpt');
        self::place($xml, $point->latitude, $point->longitude);
        if ($point->time !== null) {
            $xml->writeElement('time', $point->time);
        }
        $xml->writeElement('name', $point->name);
        $depth = $point->depthM === null ? '' : 'depth '.round($point->depthM, 2).' m';
        $description = implode('; ', array_filter([$point->description, $depth]));
        if ($description !== '') {
            $xml->writeElement('desc', $description);
        }
        if ($point->kind !== '') {
            $xml->writeElement('type', $point->kind);
        }
        self::extensions($xml, [
            ...($point->depthM === null ? [] : ['depth' => (string) round($point->depthM, 3)]),
            ...($point->depthM === null || $point->description === '' ? [] : ['note' => $point->description]), ...$point->more,
        ]);
        $xml->endElement();
    }

    private static function line(XMLWriter $xml, Track $line, string $element): void
    {
        $xml->startElement($element);
        foreach (['name' => $line->name, 'desc' => $line->description, 'type' => $line->kind] as $name => $value) {
            if ($value !== '') {
                $xml->writeElement($name, $value);
            }
        }
        self::extensions($xml, $line->more);
        if ($element === 'trk') {
            $xml->startElement('trkseg');
        }
        foreach ($line->latitudes as $i => $latitude) {
            $xml->startElement($element === 'trk' ? 'trkpt' : 'rtept');
            self::place($xml, $latitude, $line->longitudes[$i]);
            if (is_finite($line->times[$i])) {
                $xml->writeElement('time', gmdate('Y-m-d\TH:i:s\Z', (int) $line->times[$i]));
            }
            self::extensions($xml, is_finite($line->depths[$i]) ? ['depth' => (string) round($line->depths[$i], 3)] : []);
            $xml->endElement();
        }
        if ($element === 'trk') {
            $xml->endElement();
        }
        $xml->endElement();
    }

    private static function place(XMLWriter $xml, float $latitude, float $longitude): void
    {
        $xml->writeAttribute('lat', self::degrees($latitude));
        $xml->writeAttribute('lon', self::degrees($longitude));
    }

    /** @param  array<string, string>  $more */
    private static function extensions(XMLWriter $xml, array $more): void
    {
        $more = array_filter(
            $more, static fn (string $value, string $name): bool => $value !== '' && preg_match(self::MORE, $name) === 1,
            ARRAY_FILTER_USE_BOTH,
        );
        if ($more === []) {
            return;
        }
        $xml->startElement('extensions');
        foreach ($more as $name => $value) {
            $xml->writeElement("eskith:{$name}", $value);
        }
        $xml->endElement();
    }

    private static function degrees(float $value): string
    {
        return rtrim(rtrim(number_format($value, 8, '.', ''), '0'), '.');
    }
}
