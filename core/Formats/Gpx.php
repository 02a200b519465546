<?php

declare(strict_types=1);

namespace Eskith\Core\Formats;

use XMLWriter;

/**
 * GPX 1.1 (topografix.com/GPX/1/1). A depth stands in an extension of our own namespace and, for other readers, in the
 * description.
 */
final class Gpx
{
    public const NAMESPACE = 'http://www.topografix.com/GPX/1/1';

    /** Of what GPX has no element for. */
    public const OWN = 'urn:eskith:gpx:1';

    /** @param  iterable<Waypoint>  $points */
    public static function write(iterable $points): string
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
        foreach ($points as $point) {
            self::waypoint($xml, $point);
        }
        $xml->endElement();
        $xml->endDocument();

        return $xml->outputMemory();
    }

    private static function waypoint(XMLWriter $xml, Waypoint $point): void
    {
        $xml->startElement('wpt');
        $xml->writeAttribute('lat', self::degrees($point->latitude));
        $xml->writeAttribute('lon', self::degrees($point->longitude));
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
        if ($point->depthM !== null) {
            $xml->startElement('extensions');
            $xml->writeElement('eskith:depth', (string) round($point->depthM, 3));
            $xml->endElement();
        }
        $xml->endElement();
    }

    private static function degrees(float $value): string
    {
        return rtrim(rtrim(number_format($value, 8, '.', ''), '0'), '.');
    }
}
