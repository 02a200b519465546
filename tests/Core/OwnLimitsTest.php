<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Care\FishCare;
use Eskith\Core\Care\OwnLimits;
use Eskith\Core\Formats\Csv;
use Eskith\Core\Formats\Gpx;
use Eskith\Core\Formats\Waypoint;
use Eskith\Core\Record\Spans;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Unit;
use Eskith\Core\Units\UnitSet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The angler's own card, what to mind with a fish, and the files that outings go out as. */
final class OwnLimitsTest extends TestCase
{
    /** @return iterable<string, array{float|null, string, int, string|null}> */
    public static function fish(): iterable
    {
        yield 'just long enough' => [0.38, '06-01', 0, null];
        yield 'a hair short' => [0.3799, '06-01', 0, 'shorter than your card says'];
        yield 'at the slot' => [0.50, '06-01', 0, 'within the slot'];
        yield 'at its other end' => [0.63, '06-01', 0, 'within the slot'];
        yield 'past it' => [0.631, '06-01', 0, null];
        yield 'as long as may be' => [0.75, '06-01', 0, null];
        yield 'longer' => [0.751, '06-01', 0, 'longer than your card says'];
        yield 'the last of the bag' => [0.40, '06-01', 3, null];
        yield 'one too many' => [0.40, '06-01', 4, 'the bag of 4 is full'];
        yield 'not measured' => [null, '06-01', 0, null];
        yield 'closed, over the turn of the year' => [0.40, '12-01', 0, 'closed today'];
        yield 'still closed on the last day' => [0.40, '04-30', 0, 'closed today'];
        yield 'open the day after' => [0.40, '05-01', 0, null];
        yield 'open the day before' => [0.40, '11-30', 0, null];
    }

    #[DataProvider('fish')]
    public function test_a_fish_goes_back_by_the_card(?float $length, string $day, int $kept, ?string $why): void
    {
        $card = OwnLimits::of(
            shortestM: 0.38, longestM: 0.75, slotFromM: 0.50, slotToM: 0.63, bag: 4, closedFrom: '12-01', closedTo: '04-30',
        );
        self::assertSame($why, $card->goesBack($length, $day, $kept));
    }

    public function test_words_say_what_is_on_it_and_a_card_that_contradicts_itself_is_none(): void
    {
        self::assertSame("from 38\u{A0}cm, none", OwnLimits::of(shortestM: 0.38)->words(Unit::Centimetre).', none');
        self::assertSame('none to keep', OwnLimits::of(bag: 0)->goesBack(0.4, '06-01', 0));
        foreach ([
            [], ['shortestM' => 0.5, 'longestM' => 0.5], ['slotToM' => 0.5], ['closedFrom' => '13-01', 'closedTo' => '02-01'],
        ] as $bad) {
            try {
                OwnLimits::of(...$bad);
                self::fail('taken: '.json_encode($bad));
            } catch (InvalidInput) {
                $this->addToAssertionCount(1);
            }
        }
    }

    public function test_one_thing_to_mind_the_gravest_first(): void
    {
        $units = UnitSet::metric();
        self::assertStringContainsString('Protected', FishCare::line('sturgeon', 20.0, 'sturgeon and char', $units));
        self::assertStringContainsString('swollen 3×', FishCare::line('walleye', 20.7, 'sturgeon', $units));
        self::assertSame('Mind the spines; pliers for the trebles.', FishCare::line('white_bass', 9.0, '', $units));
        self::assertSame('', FishCare::line('burbot', 9.0, '', $units));
        self::assertSame('', FishCare::line('char', 5.0, 'charfish', $units), 'a name within another is another fish');
        self::assertStringContainsString('teeth', FishCare::line('lake_trout', 25.0, '', $units), 'it lets its gas out as it comes up');
    }

    public function test_spans_are_joined_and_taken_out_of_a_stretch(): void
    {
        $union = Spans::union([[50.0, 60.0], [0.0, 10.0], [5.0, 20.0], [20.0, 25.0]]);
        self::assertSame([[0.0, 25.0], [50.0, 60.0]], $union);
        self::assertSame([25.0, 0.0, 30.0], [
            Spans::outside($union, 20.0, 55.0), Spans::outside($union, 3.0, 9.0), Spans::outside($union, 60.0, 90.0),
        ]);
        self::assertSame(0.0, Spans::outside([], 9.0, 3.0));
    }

    public function test_a_table_is_read_as_it_was_written_whatever_a_spreadsheet_makes_of_it(): void
    {
        $rows = [['=1+1', "'=x", 'a "b", c'], ["two\nlines", '-5', 'ä']];
        $csv = Csv::write(['A', 'b', 'c'], array_map(static fn (array $row): array => array_map(Csv::guarded(...), $row), $rows));
        self::assertStringContainsString("'=1+1", $csv);
        $named = static fn (array $read): array => array_map(array_values(...), array_values($read));
        self::assertSame($rows, $named(Csv::read($csv, ['b'], 'no')));
        self::assertSame([2, 4], array_keys(Csv::read("b;c\r\n1;2\r\n\r\n3;4", ['b'], 'no')));
        self::assertSame("\u{e4}", Csv::text("\xEF\xBB\xBFä"));
        self::assertSame('ä', Csv::text("\xe4"));
        $this->expectException(InvalidInput::class);
        Csv::read("b\n\"open", ['b'], 'no');
    }

    public function test_gpx_is_what_other_readers_take(): void
    {
        $gpx = Gpx::write([new Waypoint(
            latitude: -0.00000012, longitude: 179.123456789, name: '<a> & "b"', kind: 'snag', time: '2026-11-25T06:00:00Z', depthM: 7.94,
        )]);
        $xml = simplexml_load_string($gpx);
        self::assertNotFalse($xml);
        self::assertSame([Gpx::NAMESPACE, '1.1'], [$xml->getNamespaces()[''], (string) $xml['version']]);
        self::assertSame(['-0.00000012', '179.12345679'], [(string) $xml->wpt['lat'], (string) $xml->wpt['lon']]);
        self::assertSame(
            ['time', 'name', 'desc', 'type', 'extensions'], array_keys((array) $xml->wpt->children()), 'in the order of the schema',
        );
    }
}
