<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Cloud;
use Eskith\Core\Water\ForecastFile;
use Eskith\Core\Water\WindFrom;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ForecastFileTest extends TestCase
{
    /** @param  list<mixed>  $hours */
    private static function file(array $hours): string
    {
        return json_encode(
            ['format' => 'eskith-forecast', 'version' => 1, 'source' => "harbour\n office", 'hours' => $hours], JSON_THROW_ON_ERROR,
        );
    }

    public function test_a_moment_is_told_from_the_nearest_hour_and_from_none_that_is_far(): void
    {
        $file = ForecastFile::read(self::file([
            ['at' => '2026-11-30T10:00:00+01:00', 'wind_ms' => 6],
            ['at' => '2026-11-30T08:00:00Z', 'wind_ms' => 4.2, 'gust_ms' => 6.1, 'wind_from_deg' => 250, 'cloud' => 0.79, 'air_c' => -3.5],
        ]));
        self::assertSame('harbour office', $file->source);
        $at = static fn (string $time): ?float => $file->at((int) strtotime("2026-11-30 {$time} UTC"))?->windMs;
        self::assertSame([4.2, 6.0, 6.0, null, 4.2, null], array_map($at, ['08:20', '08:40', '10:29', '10:31', '06:31', '06:29']));
        $eight = $file->hours[0];
        self::assertSame([6.1, WindFrom::West, Cloud::Broken, -3.5], [$eight->gustMs, $eight->from, $eight->cloud, $eight->airC]);
        self::assertNull($file->hours[1]->cloud);
    }

    /** @return iterable<string, array{string, string}> */
    public static function wrong(): iterable
    {
        $hour = ['at' => '2026-11-30T08:00:00Z'];
        yield 'no JSON' => ['{', 'docs/forecast.md'];
        yield 'another form' => ['{"format":"other","version":1,"hours":[]}', 'docs/forecast.md'];
        yield 'a list of names' => ['{"format":"eskith-forecast","version":1,"hours":{"a":1}}', 'docs/forecast.md'];
        yield 'no hours' => [self::file([]), 'between 1 and 500'];
        yield 'too many' => [self::file(array_fill(0, 501, $hour)), 'between 1 and 500'];
        yield 'no zone' => [self::file([['at' => '2026-11-30T08:00:00']]), 'Hour 1 of the forecast has no time'];
        yield 'a time in words' => [self::file([$hour, ['at' => 'tomorrow']]), 'Hour 2'];
        yield 'a hurricane' => [self::file([[...$hour, 'wind_ms' => 90]]), 'wind_ms is a number from 0 to 60'];
        yield 'figures as text' => [self::file([[...$hour, 'air_c' => '5']]), 'air_c'];
        yield 'large' => [str_repeat(' ', 200_001), '200 kB'];
        yield 'deep' => [str_repeat('[', 40).str_repeat(']', 40), 'docs/forecast.md'];
    }

    #[DataProvider('wrong')]
    public function test_what_is_no_forecast_is_refused_in_words(string $json, string $words): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage($words);
        ForecastFile::read($json);
    }
}
