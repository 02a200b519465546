<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Instruments\FixesFile;
use App\Instruments\MadeUpBottoms;
use App\Instruments\SimulatedBoat;
use App\Instruments\SimulatedPhone;
use Eskith\Core\Formats\Gpx;
use Eskith\Core\Formats\PlacesFile;
use Eskith\Core\Formats\Track;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Frame;
use PHPUnit\Framework\TestCase;

/** The stand-in for a phone in a boat, and files of fixes that are played in its place. */
final class SimulatedPhoneTest extends TestCase
{
    public function test_it_drifts_and_runs_and_says_when_it_hardly_knows(): void
    {
        $frame = Frame::of(...MadeUpBottoms::ORIGINS['Hallowmere']);
        $place = static function (float $second) use ($frame) {
            $says = SimulatedPhone::says($second);

            return $frame->position($says['latitude'], $says['longitude']);
        };
        self::assertEqualsWithDelta(0.3, $place(100.0)->distanceTo($place(400.0)) / 300.0, 0.03);
        self::assertGreaterThan(2.0, $place(490.0)->distanceTo($place(520.0)) / 30.0);
        self::assertLessThan(25.0, $place(0.0)->distanceTo($place(630.0)), 'the next drift starts beside the first');
        self::assertLessThan(8.0, SimulatedPhone::says(100.0)['accuracy']);
        self::assertGreaterThan(30.0, SimulatedPhone::says(590.0)['accuracy']);
        self::assertEquals(SimulatedPhone::says(77.0), SimulatedPhone::says(77.0));
    }

    public function test_the_same_fixes_are_read_from_gpx_and_from_nmea(): void
    {
        $lines = [];
        $track = new Track('a day');
        $start = 1_780_000_000;
        foreach (range(0, 20) as $i) {
            $second = 86_390 + $i;
            foreach (SimulatedBoat::says((float) $second) as $line) {
                $lines[] = $line;
            }
        }
        $nmea = FixesFile::read('noise'."\r\n".implode("\r\n", $lines));
        self::assertCount(21, $nmea, 'over midnight, and each second once');
        self::assertSame([0.0, 20.0], [$nmea[0][0], $nmea[20][0]]);
        foreach ($nmea as [$second, $latitude, $longitude]) {
            $track->add($latitude, $longitude, time: $start + $second);
        }
        $gpx = FixesFile::read(Gpx::write(new PlacesFile(tracks: [$track])));
        foreach ($nmea as $i => $fix) {
            self::assertEqualsWithDelta($fix, $gpx[$i], 1e-5);
        }
    }

    public function test_a_track_without_times_is_played_a_place_a_second_and_what_is_none_is_refused(): void
    {
        $track = new Track('no times');
        foreach (range(0, 3) as $i) {
            $track->add(61.0 + $i / 1e4, -7.0);
        }
        self::assertSame([0.0, 1.0, 2.0, 3.0], array_column(FixesFile::read(Gpx::write(new PlacesFile(tracks: [$track]))), 0));
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('has no fixes');
        FixesFile::read("depth,lat\n1,2\n");
    }
}
