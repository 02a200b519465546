<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Formats\CsvTrack;
use Eskith\Core\Formats\GeoJson;
use Eskith\Core\Formats\Gpx;
use Eskith\Core\Formats\GpxReader;
use Eskith\Core\Formats\PlacesFile;
use Eskith\Core\Formats\Track;
use Eskith\Core\Formats\TypedPlace;
use Eskith\Core\Formats\Waypoint;
use Eskith\Core\Units\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Places as GPX 1.1, GeoJSON and tables: out and in again, for other readers, and against what is broken or means harm. */
final class PlacesFileTest extends TestCase
{
    private const HEAD = '<?xml version="1.0"?><gpx version="1.1" creator="x" xmlns="http://www.topografix.com/GPX/1/1">';

    private static function places(): PlacesFile
    {
        $wall = new Track('East wall', 'wall', 'slate, steep', ['seen_on' => '2026-11-01']);
        $wall->add(61.31, -7.65);
        $wall->add(61.3101, -7.6499);
        $soundings = new Track('First of November', 'soundings', more: ['zero' => 'yes']);
        $soundings->add(61.31, -7.65, 4.25, 1_761_984_000.0);
        $soundings->add(61.31002, -7.65003, 4.5);
        $soundings->add(61.31004, -7.65005, NAN, 1_761_984_002.0);

        return new PlacesFile([
            new Waypoint(61.31, -7.65, 'Second terrace', kind: 'spot', depthM: 7.6, more: ['bottom' => 'rock']),
            new Waypoint(
                latitude: -33.123_456_78, longitude: 179.999_999_99, name: 'Snag & <old> "crib"', description: 'left of; the pole',
                kind: 'snag', time: '2026-11-01T06:30:00Z', depthM: 3.125, more: [
                    'side' => 'shaded side', 'direction' => 'toward the rock',
                ],
            ),
            new Waypoint(0.0, 0.0, 'Nowhere', description: 'depth of winter'),
        ], [$wall], [$soundings]);
    }

    public function test_gpx_comes_back_equal(): void
    {
        self::assertSame(serialize(self::places()), serialize((new GpxReader(Gpx::write(self::places())))->read()));
    }

    public function test_geojson_comes_back_equal(): void
    {
        self::assertSame(serialize(self::places()), serialize(GeoJson::read(GeoJson::write(self::places()))));
    }

    /** What a second reader, another's again, is given in tests/Interface/gpx.test.ts. */
    public function test_the_file_for_the_other_reader_is_as_it_is_written(): void
    {
        self::assertStringEqualsFile(dirname(__DIR__).'/Interface/data/places.gpx', Gpx::write(self::places()));
    }

    /** The reader that Debian ships, which bin/test installs. */
    public function test_another_reader_takes_our_gpx_without_complaint(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'places');
        file_put_contents($file, Gpx::write(self::places()));
        exec('gpsbabel -w -r -t -i gpx -f '.escapeshellarg($file).' -o gpx -F - 2>&1', $lines, $status);
        unlink($file);
        $said = implode("\n", $lines);
        self::assertSame(0, $status, $said);
        self::assertStringStartsWith('<?xml', $said, 'nothing is said before what it wrote');
        $back = (new GpxReader($said))->read();
        self::assertSame(['Second terrace', 'Snag & <old> "crib"', 'Nowhere'], array_map(
            static fn (Waypoint $point): string => $point->name, $back->waypoints,
        ));
        self::assertSame(3, $back->tracks[0]->count());
        self::assertEqualsWithDelta(61.31004, $back->tracks[0]->latitudes[2], 1e-7);
        self::assertSame(2, $back->routes[0]->count());
    }

    public function test_depths_of_other_writers_are_found(): void
    {
        $file = (new GpxReader(self::HEAD.'<trk><trkseg><trkpt lat="1" lon="2"><ele>-4.5</ele></trkpt>'
            .'<trkpt lat="1" lon="2"><extensions><a:depth xmlns:a="urn:a">6.25</a:depth></extensions></trkpt>'
            .'<trkpt lat="1" lon="2"><ele>31</ele></trkpt></trkseg></trk></gpx>'))->read();
        self::assertSame(4.5, $file->tracks[0]->depths[0]);
        self::assertSame(6.25, $file->tracks[0]->depths[1]);
        self::assertNan($file->tracks[0]->depths[2], 'a height above the sea is no depth');
        self::assertSame(2, $file->tracks[0]->sounded());
    }

    /** @return iterable<string, array{string, string}> */
    public static function broken(): iterable
    {
        $bomb = '<?xml version="1.0"?><!DOCTYPE gpx [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;">]>';
        yield 'nothing' => ['', 'no GPX file'];
        yield 'text' => ['hello', 'broken on line 1'];
        yield 'half' => [self::HEAD."\n<wpt lat=\"1\" lon=\"2\">\n<name>x", 'broken on line 3'];
        yield 'another language' => ['<kml xmlns="x"/>', 'no GPX 1.1'];
        yield 'an older version' => ['<gpx version="1.0" xmlns="http://www.topografix.com/GPX/1/0"/>', 'no GPX 1.1'];
        yield 'entities within entities' => [$bomb.'<gpx>&b;</gpx>', 'no document type'];
        yield 'a file of the server' => [
            '<!DOCTYPE gpx [<!ENTITY x SYSTEM "file:///etc/passwd">]>'.self::HEAD.'&x;</gpx>', 'no document type',
        ];
        yield 'an entity of nobody' => [self::HEAD.'<wpt lat="1" lon="2"><name>&x;</name></wpt></gpx>', 'broken'];
        yield 'nowhere' => [self::HEAD.'<wpt lat="91" lon="2"/></gpx>', 'Point 1'];
        yield 'no place' => [self::HEAD.'<wpt lat="1" lon="2"/><wpt/></gpx>', 'Point 2'];
        yield 'no number' => [self::HEAD.'<wpt lat="NaN" lon="INF"/></gpx>', 'Point 1'];
        yield 'no end of elements' => [self::HEAD.str_repeat('<a>', 60).str_repeat('</a>', 60).'</gpx>', 'without end'];
    }

    #[DataProvider('broken')]
    public function test_broken_and_hostile_gpx_is_refused_in_a_sentence(string $text, string $says): void
    {
        try {
            (new GpxReader($text))->read();
            self::fail('it is taken');
        } catch (InvalidInput $bad) {
            self::assertSame('file', $bad->field);
            self::assertStringContainsString($says, $bad->getMessage());
            self::assertMatchesRegularExpression('/^[A-Z].*\.$/u', $bad->getMessage());
        }
    }

    public function test_files_that_are_too_large_are_refused_before_they_are_read(): void
    {
        $many = self::HEAD.str_repeat('<wpt lat="1" lon="2"/>', PlacesFile::POINTS + 1).'</gpx>';
        $long = str_repeat(' ', PlacesFile::BYTES + 1);
        $commas = '{"type":"FeatureCollection","features":['.str_repeat('0,', 3_000_001).'0]}';
        foreach ([
            static fn () => (
                new GpxReader($many)
            )->read(), static fn () => (new GpxReader($long))->read(), static fn () => GeoJson::read($long),
            static fn () => GeoJson::read($commas), static fn () => CsvTrack::read($long),
            static fn () => CsvTrack::read("lat,lon,depth_m\n".str_repeat("1,2,3\n", PlacesFile::POINTS + 1)),
        ] as $read) {
            try {
                $read();
                self::fail('it is taken');
            } catch (InvalidInput $bad) {
                self::assertMatchesRegularExpression('/Split it\.$/', $bad->getMessage());
            }
        }
    }

    public function test_whatever_becomes_of_a_file_it_is_read_or_refused(): void
    {
        $random = new Randomizer(new Mt19937(16));
        $taken = 0;
        foreach ([Gpx::write(self::places()), GeoJson::write(self::places())] as $n => $whole) {
            for ($i = 0; $i < 400; $i++) {
                $text = $whole;
                for ($changes = $random->getInt(1, 4); $changes > 0; $changes--) {
                    $at = $random->getInt(0, strlen($text) - 1);
                    $text = substr($text, 0, $at).substr(
                        $random->getBytes(3), $random->getInt(0, 3)
                    ).substr($text, $at + $random->getInt(0, 8));
                }
                try {
                    $n === 0 ? (new GpxReader($text))->read() : GeoJson::read($text);
                    $taken++;
                } catch (InvalidInput $bad) {
                    self::assertSame('file', $bad->field);
                }
            }
        }
        self::assertGreaterThan(10, $taken, 'some of it is still sense');
    }

    /** @return iterable<string, array{string}> */
    public static function noGeoJson(): iterable
    {
        foreach ([
            '', 'null', '[]', '{"type":"Feature"}', '{"type":"FeatureCollection","features":3}',
            '{"type":"FeatureCollection","features":[{"geometry":{"type":"Polygon"}}]}',
            '{"type":"FeatureCollection","features":[{"geometry":{"type":"Point","coordinates":["x",2]}}]}',
            '{"type":"FeatureCollection","features":[{"geometry":{"type":"Point","coordinates":[2,95]}}]}',
            str_repeat('[', 5000),
        ] as $i => $text) {
            yield "{$i}" => [$text];
        }
    }

    #[DataProvider('noGeoJson')]
    public function test_what_is_no_geojson_of_places_is_refused(string $text): void
    {
        $this->expectException(InvalidInput::class);
        GeoJson::read($text);
    }

    public function test_tables_are_read_in_degrees_or_metres_metres_or_feet_commas_or_semicolons(): void
    {
        [$track, $metres] = CsvTrack::read("Time;Lon;Lat;Depth_ft\n2026-11-01T06:00:00Z;-7,5;61,25;10\n;-7,5;61,25;\n;x;61;3\n");
        self::assertFalse($metres);
        self::assertSame([61.25, 61.25], $track->latitudes);
        self::assertSame([-7.5, -7.5], $track->longitudes);
        self::assertEqualsWithDelta(3.048, $track->depths[0], 1e-9);
        self::assertNan($track->depths[1]);
        self::assertSame(1_793_512_800.0, $track->times[0]);

        [$track, $metres] = CsvTrack::read("\u{FEFF}east_m,north_m,depth_m\r\n1,2,3\r\n4,5,6");
        self::assertTrue($metres);
        self::assertSame([[2.0, 5.0], [1.0, 4.0], [3.0, 6.0]], [$track->latitudes, $track->longitudes, $track->depths]);
    }

    public function test_a_table_without_places_or_depths_is_refused(): void
    {
        foreach (["a,b\n1,2", "lat,lon\n1,2", "lat,depth\n1,2", "lat,lon,depth\n91,2,3", ''] as $text) {
            try {
                CsvTrack::read($text);
                self::fail('it is taken');
            } catch (InvalidInput $bad) {
                self::assertSame('file', $bad->field);
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function typed(): iterable
    {
        foreach ([
            '61.2345, -7.8765', '61.2345 −7.8765', 'N 61.2345, W 7.8765', "61°14.07' N 7°52.59' W", "61°14'4.2\"N, 7°52'35.4\"W",
            '61.2345N;7.8765w',
        ] as $text) {
            yield $text => [$text];
        }
    }

    #[DataProvider('typed')]
    public function test_a_position_is_read_as_people_type_it(string $text): void
    {
        self::assertEqualsWithDelta([61.2345, -7.8765], TypedPlace::parse($text, 'position'), 1e-5);
    }

    public function test_what_is_no_position_is_refused(): void
    {
        foreach (['', '61', '61,', 'N 61 N 7', "61°75' N 7° W", '91, 0', '0, 181', '61.2 W 7 N', 'here'] as $text) {
            try {
                TypedPlace::parse($text, 'position');
                self::fail("{$text} is taken");
            } catch (InvalidInput $bad) {
                self::assertSame('position', $bad->field);
            }
        }
    }

    public function test_a_time_of_no_year_that_anybody_fished_in_is_left_out(): void
    {
        $times = ['2026-11-01T06:30:00Z', '@99999999999', '-0500-01-01', 'soon', '1899-12-31T23:59:59Z'];
        $points = implode(
            '', array_map(static fn (string $time): string => '<trkpt lat="1" lon="2"><time>'.$time.'</time></trkpt>', $times)
        );
        $rows = implode("\n", array_map(static fn (string $time): string => "1,2,3,{$time}", $times));
        $gpx = (new GpxReader(self::HEAD."<trk><trkseg>{$points}</trkseg></trk></gpx>"))->read()->tracks[0];
        [$table] = CsvTrack::read("lat,lon,depth,time\n{$rows}");
        $json = GeoJson::read('{"type":"FeatureCollection","features":[{"type":"Feature","geometry":{"type":"LineString",'
            .'"coordinates":[[2,1],[2,1]]},"properties":{"as":"track","times":[1793514600,9e12]}}]}')->tracks[0];
        foreach ([$gpx, $table, $json] as $track) {
            self::assertSame([0], array_keys(array_filter($track->times, is_finite(...))));
            self::assertSame(1_793_514_600.0, $track->times[0]);
        }
    }

    public function test_reading_tells_how_far_it_is_and_can_be_called_off(): void
    {
        $text = self::HEAD.str_repeat('<wpt lat="1" lon="2"/>', 9_000).'</gpx>';
        $told = [];
        (new GpxReader($text, static function (float $share) use (&$told): void {
            $told[] = $share;
        }))->read();
        self::assertGreaterThan(3, count($told));
        self::assertSame($told, array_values(array_unique($told)));
        self::assertLessThanOrEqual(1.0, max($told));
        $this->expectException(\RuntimeException::class);
        (new GpxReader($text, static fn () => throw new \RuntimeException('called off')))->read();
    }
}
