<?php

declare(strict_types=1);

namespace Eskith\Core\Units\Internal;

use Eskith\Core\Units\Dimension;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Unit;
use Eskith\Core\Words\Words;

/** Reads what an angler types into a quantity. */
final class MeasureReader
{
    private const NUMBER = '(?<sign>[-−–+])?\s*(?:(?:(?<whole>\d+)\s+)?(?<top>\d+)\s*\/\s*(?<bottom>\d+)'
        .'|(?<number>\d+(?:[.,]\d+)?|[.,]\d+))';

    private const VULGAR = [
        '½' => '1/2', '¼' => '1/4', '¾' => '3/4', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8',
        '⅓' => '1/3', '⅔' => '2/3',
    ];

    private const NAMES = [
        'g' => Unit::Gram, 'gr' => Unit::Gram, 'gram' => Unit::Gram, 'grams' => Unit::Gram,
        'oz' => Unit::Ounce, 'ounce' => Unit::Ounce, 'ounces' => Unit::Ounce,
        'kg' => Unit::Kilogram, 'lb' => Unit::Pound, 'lbs' => Unit::Pound, 'pound' => Unit::Pound, 'pounds' => Unit::Pound,
        'm' => Unit::Metre, 'metre' => Unit::Metre, 'metres' => Unit::Metre, 'meter' => Unit::Metre, 'meters' => Unit::Metre,
        'cm' => Unit::Centimetre, 'mm' => Unit::Millimetre,
        'ft' => Unit::Foot, 'foot' => Unit::Foot, 'feet' => Unit::Foot, "'" => Unit::Foot,
        'in' => Unit::Inch, 'inch' => Unit::Inch, 'inches' => Unit::Inch, '"' => Unit::Inch,
        'm/s' => Unit::MetrePerSecond, 'mps' => Unit::MetrePerSecond, 'ms' => Unit::MetrePerSecond,
        'mph' => Unit::MilePerHour, 'kn' => Unit::Knot, 'kt' => Unit::Knot, 'kts' => Unit::Knot, 'knot' => Unit::Knot,
        'knots' => Unit::Knot,
        'km/h' => Unit::KilometrePerHour, 'kmh' => Unit::KilometrePerHour, 'kph' => Unit::KilometrePerHour,
        'c' => Unit::Celsius, 'f' => Unit::Fahrenheit, '°c' => Unit::Celsius, '°f' => Unit::Fahrenheit,
        '°' => Unit::Degree, 'deg' => Unit::Degree, 'degree' => Unit::Degree, 'degrees' => Unit::Degree,
        's' => Unit::Second, 'sec' => Unit::Second, 'second' => Unit::Second, 'seconds' => Unit::Second,
        'min' => Unit::Minute, 'minute' => Unit::Minute, 'minutes' => Unit::Minute, 'n' => Unit::Newton,
    ];

    /**
     * @return array{float, Unit, string} value in SI, the unit it was meant in, and the words to show again
     *
     * @throws InvalidInput
     */
    public static function read(string $text, Unit $assumed, string $field): array
    {
        $shown = trim((string) preg_replace('/\s+/u', ' ', mb_substr($text, 0, 60)));
        $plain = self::plain($shown);
        if (
            preg_match(
                '/^'.self::NUMBER.'\s*(?:\'|ft)\s*'.str_replace(
                    ['sign', 'whole', 'top', 'bottom', 'number'], ['sign2', 'whole2', 'top2', 'bottom2', 'number2'],
                    self::NUMBER,
                ).'\s*(?:"|in|inches)?$/u',
                $plain, $m,
            ) === 1
        ) {
            $inches = self::number($m, '2');
            if ($inches < 0 || $inches >= 12) {
                throw InvalidInput::because($field, 'In "{shown}" the inches run from 0 to under 12.', shown: $shown);
            }
            self::demand(Unit::Foot, $assumed, $shown, $field);

            return [Unit::Foot->toSi(self::number($m)) + Unit::Inch->toSi($inches), Unit::Foot, $shown];
        }
        if (preg_match('/^'.self::NUMBER.'\s*(?<unit>[a-z°\'"\/]*)\.?$/u', $plain, $m) !== 1) {
            throw self::unreadable($shown, $assumed->dimension(), $field);
        }
        $typed = $m['unit'];
        $unit = $typed === '' ? $assumed : (self::NAMES[$typed] ?? null);
        if ($unit === null) {
            throw self::unreadable($shown, $assumed->dimension(), $field);
        }
        $unit = self::asForce($unit, $assumed);
        if ($typed === '°' && $assumed->dimension() === Dimension::Temperature) {
            $unit = $assumed;
        }
        self::demand($unit, $assumed, $shown, $field);
        $space = $assumed === Unit::Degree ? '' : "\u{00A0}";

        return [$unit->toSi(self::number($m)), $unit, $typed === '' ? $shown.$space.$unit->symbol() : $shown];
    }

    /** One spelling for signs, quotes, vulgar fractions and spaces. */
    private static function plain(string $text): string
    {
        $plain = strtr(mb_strtolower($text), [
            '′' => "'", '’' => "'", '″' => '"', '”' => '"', "''" => '"', '⁄' => '/', 'º' => '°', "\u{00A0}" => ' ', '° ' => '°',
            'lbf' => 'lb', 'kgf' => 'kg',
        ]);
        foreach (self::VULGAR as $sign => $fraction) {
            $plain = (string) preg_replace('/(\d)?\s*'.$sign.'/u', '${1} '.$fraction, $plain);
        }

        return trim($plain);
    }

    /** @param  array<array-key, string>  $m */
    private static function number(array $m, string $suffix = ''): float
    {
        $sign = in_array($m['sign'.$suffix], ['-', '−', '–'], true) ? -1.0 : 1.0;
        if (($m['number'.$suffix] ?? '') !== '') {
            return $sign * (float) str_replace(',', '.', $m['number'.$suffix]);
        }
        $bottom = (float) $m['bottom'.$suffix];
        if ($bottom === 0.0) {
            throw InvalidInput::because('', "A fraction can't have 0 below the line.");
        }

        return $sign * ((float) ($m['whole'.$suffix] ?: '0') + (float) $m['top'.$suffix] / $bottom);
    }

    /** On a spool lb and kg are strengths. */
    private static function asForce(Unit $unit, Unit $assumed): Unit
    {
        if ($assumed->dimension() !== Dimension::Force) {
            return $unit;
        }

        return match ($unit) {
            Unit::Pound => Unit::PoundForce,
            Unit::Kilogram => Unit::KilogramForce,
            default => $unit,
        };
    }

    private static function demand(Unit $unit, Unit $assumed, string $shown, string $field): void
    {
        if ($unit->dimension() !== $assumed->dimension()) {
            throw InvalidInput::because(
                $field, '"{shown}" is a {dimension}; a {needed} is needed here, such as {example}.',
                shown: $shown,
                dimension: $unit->dimension()->word(),
                needed: $assumed->dimension()->word(),
                example: $assumed->dimension()->example(),
            );
        }
    }

    private static function unreadable(string $shown, Dimension $dimension, string $field): InvalidInput
    {
        return InvalidInput::because($field, $shown === ''
            ? Words::of(
                'Nothing was typed. Give a {dimension} such as {example}.', dimension: $dimension->word(), example: $dimension->example(),
            )
            : Words::of(
                '"{shown}" can\'t be read as a {dimension}. Type it like {example}.',
                shown: $shown, dimension: $dimension->word(), example: $dimension->example(),
            ));
    }
}
