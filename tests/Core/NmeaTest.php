<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Formats\Nmea\Observation;
use Eskith\Core\Formats\Nmea\Reader;
use Eskith\Core\Formats\Nmea\Sentence;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class NmeaTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, float>}> */
    public static function told(): iterable
    {
        yield 'depth' => ['SDDPT,7.9,0.3,', ['depthM' => 8.2]];
        yield 'depth over the keel is not added' => ['SDDPT,7.9,-0.5', ['depthM' => 7.9]];
        yield 'depth below the transducer' => ['SDDBT,25.9,f,7.9,M,4.3,F', ['depthM' => 7.9]];
        yield 'depth in feet alone' => ['SDDBT,26.0,f,,M,,F', ['depthM' => 7.9248]];
        yield 'water' => ['YXMTW,4.5,C', ['waterC' => 4.5]];
        yield 'speed and course' => ['GPVTG,211.5,T,,M,0.35,N,0.65,K,A', ['speedMs' => 0.180056, 'courseDeg' => 211.5]];
        yield 'speed in km/h alone' => ['GPVTG,,T,,M,,N,3.6,K', ['speedMs' => 1.0]];
        yield 'place' => ['GPGGA,071500,5231.2000,N,01324.6000,W,1,08,0.9,30,M,,M,,', ['latitude' => 52.52, 'longitude' => -13.41]];
        yield 'place, speed and course' => [
            'GNRMC,071500,A,5231.2000,S,01324.6000,E,0.5,90,251126,,',
            ['speedMs' => 0.257222, 'courseDeg' => 90, 'latitude' => -52.52, 'longitude' => 13.41],
        ];
        yield 'wind in knots' => ['WIMWV,270,T,10,N,A', ['windMs' => 5.14444, 'windDeg' => 270]];
        yield 'wind in m/s from a talker nobody knows' => ['ZZMWV,45,R,4.2,M,A', ['windMs' => 4.2, 'windDeg' => 45]];
    }

    /** @param  array<string, float>  $expected */
    #[DataProvider('told')]
    public function test_hears_what_instruments_say(string $body, array $expected): void
    {
        $told = (new Reader)->push(self::signed($body)."\r\n");

        self::assertCount(1, $told);
        $heard = array_filter(get_object_vars($told[0]), static fn (?float $value): bool => $value !== null);
        self::assertSame(array_keys($expected), array_keys($heard));
        foreach ($expected as $name => $value) {
            self::assertEqualsWithDelta($value, $heard[$name], 1e-4, $name);
        }
    }

    public function test_drops_what_is_wrong_and_goes_on(): void
    {
        $reader = new Reader;
        $wrong = [
            '$SDDPT,7.9,0.3,*00', 'SDDPT,7.9,0.3', '$SDDPT,7.9', "\x00\xff\xfe", '$GPGGA,,,,,,0,,,,,,,',
            self::signed('YXMTW,,C'), self::signed('YXMTW,400,C'), self::signed('GPRMC,071500,V,,,,,,,,,'),
            self::signed('SDDPT,abc,1'), self::signed('GPGSV,1,1,00'),
            self::signed('GPGGA,071500,9931.2,N,01324.6,E,1,08,,,,,,,'), str_repeat('x', 400), '$', '*', '$SDDPT,7.9*',
        ];
        $told = $reader->push(implode("\r\n", $wrong)."\r\n".self::signed('YXMTW,4.5,C')."\n");

        self::assertSame(
            [4.5],
            array_values(array_filter(array_map(static fn (Observation $one): ?float => $one->waterC, $told), is_float(...))),
        );
        self::assertGreaterThan(5, $reader->dropped());
        self::assertSame([], $reader->push(str_repeat('$SDDPT', 2000)), 'a line without end is let go');
        self::assertCount(1, $reader->push("\r\n".self::signed('YXMTW,4.6,C')."\r\n"));
    }

    public function test_half_lines_are_put_together(): void
    {
        $reader = new Reader;
        $whole = self::signed('YXMTW,4.5,C')."\r\n";
        foreach (str_split($whole) as $i => $character) {
            $told = $reader->push($character);
            self::assertCount($i === strlen($whole) - 2 ? 1 : 0, $told, "after {$i}");
        }
    }

    public function test_sentences_go_round(): void
    {
        $sentence = Sentence::of('SD', 'DPT', ['7.9', '0.3', '']);
        self::assertEquals($sentence, Sentence::parse($sentence->text()));
        self::assertSame(
            '$GPGLL,5300.97914,N,00259.98174,E,125926,A*28',
            Sentence::of('GP', 'GLL', ['5300.97914', 'N', '00259.98174', 'E', '125926', 'A'])->text(),
        );
    }

    public function test_ten_minutes_with_garbage_lose_nothing_and_leave_no_memory_behind(): void
    {
        $dice = new Randomizer(new Mt19937(7));
        $reader = new Reader;
        $sent = 0;
        $heard = [];
        $held = '';
        $memory = 0;
        for ($tick = 0; $tick < 6000; $tick++) {
            if ($dice->getInt(1, 100) <= 5) {
                $held .= $dice->getBytes($dice->getInt(1, 90))."\r\n";
            } else {
                $held .= self::signed('SDDPT,'.number_format(5 + $sent % 900 / 100, 2).',0.0,')."\r\n";
                $sent++;
            }
            $cut = $dice->getInt(0, strlen($held));
            foreach ($reader->push(substr($held, 0, $cut)) as $one) {
                $heard[] = $one->depthM;
            }
            $held = substr($held, $cut);
            if ($tick === 600) {
                $memory = memory_get_usage() - 40 * count($heard);
            }
        }
        foreach ($reader->push($held) as $one) {
            $heard[] = $one->depthM;
        }
        self::assertCount($sent, $heard);
        self::assertSame($sent, $reader->heard());
        self::assertEqualsWithDelta(5 + ($sent - 1) % 900 / 100, end($heard), 1e-9);
        self::assertLessThan(200_000, abs(memory_get_usage() - 40 * count($heard) - $memory));
    }

    private static function signed(string $body): string
    {
        return Sentence::of(substr($body, 0, 2), substr($body, 2, 3), explode(',', substr($body, 6)))->text();
    }
}
