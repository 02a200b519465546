<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Eskith\Core\Units\UnitSet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MeasureTest extends TestCase
{
    /** @return iterable<string, array{string, Unit, float, string}> */
    public static function readable(): iterable
    {
        yield 'ounces in eighths' => ['5/8 oz', Unit::Ounce, 0.0177185, '5/8 oz'];
        yield 'a bare fraction' => ['5/8', Unit::Ounce, 0.0177185, "5/8\u{A0}oz"];
        yield 'decimal ounces' => ['0.625oz', Unit::Ounce, 0.0177185, '0.625oz'];
        yield 'one and a quarter' => ['1 1/4 oz', Unit::Ounce, 0.0354369, '1 1/4 oz'];
        yield 'a vulgar fraction' => ['½ oz', Unit::Gram, 0.0141748, '½ oz'];
        yield 'grams where ounces are liked' => ['18 g', Unit::Ounce, 0.018, '18 g'];
        yield 'feet by quote' => ["30'", Unit::Metre, 9.144, "30'"];
        yield 'feet and inches' => ['6\'10"', Unit::Foot, 2.0828, '6\'10"'];
        yield 'feet and inches in words' => ['6 ft 10 in', Unit::Foot, 2.0828, '6 ft 10 in'];
        yield 'inches and a half' => ['18½ in', Unit::Inch, 0.4699, '18½ in'];
        yield 'metres' => ['9 m', Unit::Foot, 9.0, '9 m'];
        yield 'a decimal comma' => ['0,4 m/s', Unit::MilePerHour, 0.4, '0,4 m/s'];
        yield 'a minus sign' => ['-3 ft', Unit::Foot, -0.9144, '-3 ft'];
        yield 'fahrenheit without a sign' => ['40F', Unit::Celsius, 4.4444444, '40F'];
        yield 'a bare degree sign' => ['4.5°', Unit::Celsius, 4.5, '4.5°'];
        yield 'knots' => ['2 kn', Unit::MetrePerSecond, 1.0288889, '2 kn'];
        yield 'pounds of strength' => ['20 lb', Unit::KilogramForce, 88.9644323, '20 lb'];
        yield 'minutes' => ['2 min', Unit::Second, 120.0, '2 min'];
    }

    #[DataProvider('readable')]
    public function test_reads_what_an_angler_types(string $text, Unit $assumed, float $si, string $shown): void
    {
        $measure = Measure::parse($text, $assumed);

        self::assertEqualsWithDelta($si, $measure->si, abs($si) * 1e-5);
        self::assertSame($shown, $measure->text);
    }

    /** @return iterable<string, array{Unit, float, string}> */
    public static function said(): iterable
    {
        yield 'seconds under two' => [Unit::Second, 1.94, '1.9'];
        yield 'seconds from two on' => [Unit::Second, 2.06, '2'];
        yield 'a slow drift' => [Unit::MilePerHour, 0.456, '0.46'];
        yield 'a wind' => [Unit::MilePerHour, 9.94, '9.9'];
        yield 'a gale' => [Unit::Knot, 31.4, '31'];
        yield 'shallow feet' => [Unit::Foot, 9.94, '9.9'];
        yield 'deep feet' => [Unit::Foot, 26.4, '26'];
        yield 'metres under twenty' => [Unit::Metre, 19.94, '19.9'];
        yield 'metres from twenty on' => [Unit::Metre, 20.4, '20'];
        yield 'grams of a vibe' => [Unit::Gram, 4.5, '4.5'];
        yield 'grams of a blade' => [Unit::Gram, 14.17, '14'];
        yield 'no minus before nothing' => [Unit::Celsius, -0.04, '0'];
    }

    #[DataProvider('said')]
    public function test_a_number_has_no_more_digits_than_it_deserves(Unit $unit, float $value, string $said): void
    {
        self::assertSame($said, $unit->printValue($value));
    }

    /** @return iterable<string, array{string, Unit, string}> */
    public static function unreadable(): iterable
    {
        yield 'two strokes' => ['5//8 oz', Unit::Ounce, '"5//8 oz" can\'t be read as a weight. Type it like 5/8 oz or 18 g.'];
        yield 'nothing' => ['  ', Unit::Foot, "Nothing was typed. Give a length such as 30 ft, 30' or 9 m."];
        yield 'another kind' => ['3 ft', Unit::Ounce, '"3 ft" is a length; a weight is needed here, such as 5/8 oz or 18 g.'];
        yield 'by nothing' => ['1/0 oz', Unit::Ounce, 'A fraction can\'t have 0 below the line.'];
        yield 'thirteen inches' => ['5\'13"', Unit::Foot, 'In "5\'13"" the inches run from 0 to under 12.'];
        yield 'words' => ['deep', Unit::Foot, "\"deep\" can't be read as a length. Type it like 30 ft, 30' or 9 m."];
        yield 'two numbers' => ['5 6 7 ft', Unit::Foot, "\"5 6 7 ft\" can't be read as a length. Type it like 30 ft, 30' or 9 m."];
    }

    #[DataProvider('unreadable')]
    public function test_says_in_one_sentence_what_is_wrong(string $text, Unit $assumed, string $sentence): void
    {
        try {
            Measure::parse($text, $assumed, 'field');
            self::fail('It was read.');
        } catch (InvalidInput $bad) {
            self::assertSame($sentence, $bad->getMessage());
        }
    }

    public function test_units_go_round(): void
    {
        foreach (Unit::cases() as $unit) {
            foreach ([-12.5, 0.0, 0.37, 1.0, 26.0, 451.2] as $value) {
                self::assertEqualsWithDelta($value, $unit->fromSi($unit->toSi($value)), 1e-9, $unit->name);
                if ($value > 0) {
                    $printed = $unit->print($unit->toSi($value));
                    self::assertEqualsWithDelta(
                        $value, $unit->fromSi(Measure::parse($printed, $unit)->si), max(0.51, $value * 0.02),
                        "{$unit->name} {$printed}",
                    );
                }
            }
        }
    }

    public function test_prints_as_an_angler_says_it(): void
    {
        self::assertSame("½\u{A0}oz", Unit::Ounce->print(0.0141748));
        self::assertSame("1 ¼\u{A0}oz", Unit::Ounce->print(0.0354369));
        self::assertSame("3/16\u{A0}oz", Unit::Ounce->print(0.00531554));
        self::assertSame("0.11\u{A0}oz", Unit::Ounce->print(0.003));
        self::assertSame("26\u{A0}ft", Unit::Foot->print(7.9));
        self::assertSame("0.36\u{A0}mph", Unit::MilePerHour->print(0.16));
        self::assertSame("10\u{A0}mph", Unit::MilePerHour->print(4.5));
        self::assertSame("37\u{A0}°F", Unit::Fahrenheit->print(2.8));
        self::assertSame('23°', Unit::Degree->print(23.2));
        self::assertSame("0\u{A0}m", Unit::Metre->print(-0.001));
    }

    public function test_a_sentence_is_told_in_the_units_of_who_reads_it(): void
    {
        $told = static fn (UnitSet $units, string $sentence): string => str_replace(
            "\u{A0}", ' ', (new UnitFormat($units))->translated($sentence),
        );
        $imperial = [
            'A rod lifts between 0.1 and 30 kg (66 lb).' => 'A rod lifts between 0.22 and 66 lb.',
            'A current over 6 m/s (13 mph) is not fished.' => 'A current over 13 mph is not fished.',
            'The lift must lie between 1 cm and 12 m.' => 'The lift must lie between 0.39 in and 39 ft.',
            '"200 m" is no depth.' => '"200 m" is no depth.',
            'Write a weight such as 1/2 oz or 14 g.' => 'Write a weight such as 1/2 oz or 14 g.',
            'Line is 0.02 to 3 mm thick.' => 'Line is 0.02 to 3 mm thick.',
        ];
        foreach ($imperial as $sentence => $words) {
            self::assertSame($words, $told(UnitSet::imperial(), $sentence));
        }
        self::assertSame('A rod lifts between 0.1 and 30 kg.', $told(UnitSet::metric(), 'A rod lifts between 0.1 and 30 kg (66 lb).'));
    }
}
