<?php

declare(strict_types=1);

namespace Eskith\Core\Units;

/** A unit an angler may type or read. */
enum Unit: string
{
    case Gram = 'g';
    case Ounce = 'oz';
    case Kilogram = 'kg';
    case Pound = 'lb';
    case Metre = 'm';
    case Centimetre = 'cm';
    case Millimetre = 'mm';
    case Foot = 'ft';
    case Inch = 'in';
    case MetrePerSecond = 'm/s';
    case MilePerHour = 'mph';
    case Knot = 'kn';
    case KilometrePerHour = 'km/h';
    case Celsius = '°C';
    case Fahrenheit = '°F';
    case Degree = '°';
    case Second = 's';
    case Minute = 'min';
    case PoundForce = 'lbf';
    case KilogramForce = 'kgf';
    case Newton = 'N';

    public function dimension(): Dimension
    {
        return match ($this) {
            self::Gram, self::Ounce, self::Kilogram, self::Pound => Dimension::Mass,
            self::Metre, self::Centimetre, self::Millimetre, self::Foot, self::Inch => Dimension::Length,
            self::MetrePerSecond, self::MilePerHour, self::Knot, self::KilometrePerHour => Dimension::Speed,
            self::Celsius, self::Fahrenheit => Dimension::Temperature,
            self::Degree => Dimension::Angle,
            self::Second, self::Minute => Dimension::Time,
            self::PoundForce, self::KilogramForce, self::Newton => Dimension::Force,
        };
    }

    /** What is written behind the number. Break strength is said in lb and kg, as on the spool. */
    public function symbol(): string
    {
        return match ($this) {
            self::PoundForce => 'lb',
            self::KilogramForce => 'kg',
            default => $this->value,
        };
    }

    /** One unit in SI; for temperatures the size of a degree in °C. */
    public function factor(): float
    {
        return match ($this) {
            self::Gram => 0.001,
            self::Ounce => Constants::OUNCE_KG,
            self::Pound => 16 * Constants::OUNCE_KG,
            self::Centimetre => 0.01,
            self::Millimetre => 0.001,
            self::Foot => 0.3048,
            self::Inch => 0.0254,
            self::MilePerHour => 0.44704,
            self::Knot => 1852 / 3600,
            self::KilometrePerHour => 1 / 3.6,
            self::Fahrenheit => 5 / 9,
            self::Minute => 60.0,
            self::PoundForce => 16 * Constants::OUNCE_KG * Constants::GRAVITY,
            self::KilogramForce => Constants::GRAVITY,
            default => 1.0,
        };
    }

    public function toSi(float $value): float
    {
        return $this === self::Fahrenheit ? ($value - 32) * 5 / 9 : $value * $this->factor();
    }

    public function fromSi(float $si): float
    {
        return $this === self::Fahrenheit ? $si * 9 / 5 + 32 : $si / $this->factor();
    }

    /** A quantity in SI as an angler would say it in this unit, with the unit: "5/8 oz", "26 ft", "0.36 mph". */
    public function print(float $si): string
    {
        $value = $this->fromSi($si);
        $space = $this === self::Degree ? '' : "\u{00A0}";

        return $this->printValue($value).$space.$this->symbol();
    }

    /** The number alone, with no more digits than it deserves. */
    public function printValue(float $value): string
    {
        if ($this === self::Ounce && ($fraction = Fraction::near($value)) !== null) {
            return $fraction->text();
        }
        $size = abs($value);
        $decimals = match ($this) {
            self::Fahrenheit, self::Degree, self::PoundForce, self::Newton => 0,
            self::Celsius, self::Inch => 1,
            self::Second => $size < 2 ? 1 : 0,
            self::MilePerHour, self::Knot, self::KilometrePerHour, self::MetrePerSecond => $size < 2 ? 2 : ($size < 10 ? 1 : 0),
            self::Foot => $size < 10 ? 1 : 0,
            self::Metre => $size < 20 ? 1 : 0,
            self::Ounce, self::Pound, self::Kilogram, self::Millimetre => 2,
            default => $size < 10 ? 1 : 0,
        };
        $text = number_format($value, $decimals, '.', '');
        if ($decimals > 0) {
            $text = rtrim(rtrim($text, '0'), '.');
        }

        return $text === '-0' ? '0' : $text;
    }
}
