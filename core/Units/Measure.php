<?php

declare(strict_types=1);

namespace Eskith\Core\Units;

/** A quantity somebody typed: its value in SI, the unit it was meant in, and the words to show again. */
final readonly class Measure
{
    private function __construct(public float $si, public Unit $unit, public string $text)
    {
    }

    public static function of(float $value, Unit $unit): self
    {
        $si = $unit->toSi($value);

        return new self($si, $unit, $unit->print($si));
    }

    /**
     * Reads `5/8 oz`, `5/8`, `0.625oz`, `18 g`, `30'`, `18½ in`, `9 m`, `40F`, `0,4 m/s`.
     *
     * @param  string  $text  what was typed
     * @param  Unit  $assumed  unit taken when none is typed; it also says which kind of quantity is wanted
     * @param  string  $field  name for errors
     *
     * @throws InvalidInput when it is not such a quantity
     */
    public static function parse(string $text, Unit $assumed, string $field = ''): self
    {
        return new self(...Internal\MeasureReader::read($text, $assumed, $field));
    }
}
