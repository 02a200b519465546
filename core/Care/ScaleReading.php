<?php

declare(strict_types=1);

namespace Eskith\Core\Care;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;

/** What a scale said of a fish in a moving boat: read several times, of which the middle counts. */
final class ScaleReading
{
    /** Readings that are taken of one fish. */
    private const MOST = 9;

    /** Lightest and heaviest that is believed, kg. */
    private const KG = [0.005, 60.0];

    /**
     * The middle of "2.4, 2.1 2.2 lb"; of an even number the mean of the middle two.
     *
     * @param  Unit  $unit  for those without one
     *
     * @throws InvalidInput where one of them is no weight of a fish, or there are too many
     */
    public static function middle(string $typed, Unit $unit): Measure
    {
        // A comma within a number is its point; after one it parts two readings.
        $parts = preg_split('/[;\n]\s*|,\s+|(?<=[\d\pL])\s+(?=[\d.])/u', trim($typed), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        if ($parts === [] || count($parts) > self::MOST) {
            throw InvalidInput::because('scale', 'Type what the scale said, such as 2.4, or up to nine readings.');
        }
        $read = array_map(static fn (string $part): Measure => Measure::parse(trim($part), $unit, 'scale'), $parts);
        $kg = array_map(static fn (Measure $one): float => $one->si, $read);
        sort($kg);
        $half = intdiv(count($kg), 2);
        $middle = count($kg) % 2 === 1 ? $kg[$half] : ($kg[$half - 1] + $kg[$half]) / 2;
        if ($kg[0] < self::KG[0] || $kg[count($kg) - 1] > self::KG[1]) {
            throw InvalidInput::because('scale', 'A fish weighs between 0.005 and 60 kg. Read the scale again.');
        }

        return count($read) === 1 ? $read[0] : Measure::of($unit->fromSi($middle), $unit);
    }
}
