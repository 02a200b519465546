<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Chart\ChartDay;
use Eskith\Core\Choosing\Chart\ChartFinding;
use Eskith\Core\Choosing\Chart\ChartFindings;
use Eskith\Core\Choosing\FoundThere;
use Eskith\Core\Choosing\ShoreSchool;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Choosing\WhereToLook;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\Cloud;
use Eskith\Core\Water\Frame;
use Eskith\Core\Water\Light;
use Eskith\Core\Water\LightDay;
use Eskith\Core\Water\Position;
use Eskith\Core\Water\Relief\Structure;
use Eskith\Core\Water\Relief\StructureKind;
use Eskith\Core\Water\Season;
use Eskith\Core\Water\SunDay;
use Eskith\Core\Water\Survey;
use Eskith\Core\Water\Tide;
use Eskith\Core\Water\TideRun;
use Eskith\Core\Water\TideWave;
use Eskith\Core\Water\WindFrom;
use PHPUnit\Framework\TestCase;

/** Tracks made into soundings, places on the earth, the light of a day, and how a tide runs. */
final class SurveyTest extends TestCase
{
    public function test_spikes_go_and_walls_stay(): void
    {
        $depths = [...array_fill(0, 20, 6.0), ...array_fill(0, 20, 12.0)];
        $depths[7] = 0.6;
        $depths[30] = 48.0;
        $x = array_map(static fn (int $i): float => 3.0 * $i, range(0, 39));
        $survey = Survey::of($x, array_fill(0, 40, 0.0), $depths);

        self::assertSame([40, 2, 0], [$survey->brought, $survey->spikes, $survey->unknown]);
        self::assertEqualsCanonicalizing([...array_fill(0, 19, 6.0), ...array_fill(0, 19, 12.0)], array_column($survey->soundings, 2));
    }

    public function test_depths_are_reduced_by_the_level_of_each(): void
    {
        self::assertSame(
            [[0.0, 0.0, 3.5], [5.0, 0.0, 4.0]], Survey::of([0.0, 5.0], [0.0, 0.0], [4.0, 5.0], [0.5, 1.0])->soundings,
        );
        self::assertSame([[0.0, 0.0, 4.4]], Survey::of([0.0], [0.0], [4.0], -0.4)->soundings);
    }

    public function test_what_lies_close_together_is_one_and_so_many_are_kept_at_most(): void
    {
        $survey = Survey::of([0.1, 0.3, 0.8], [0.0, 0.2, 0.4], [4.0, 4.2, 4.4]);
        self::assertEqualsWithDelta([[0.4, 0.2, 4.2]], $survey->soundings, 1e-9);

        $n = 30_000;
        $x = array_map(static fn (int $i): float => fmod($i * 1.7, 600.0), range(0, $n - 1));
        $y = array_map(static fn (int $i): float => floor($i * 1.7 / 600.0) * 8, range(0, $n - 1));
        $survey = Survey::of($x, $y, array_fill(0, $n, 5.0), 0.0, 2_000);
        self::assertLessThanOrEqual(2_000, count($survey->soundings));
        self::assertGreaterThan(900, count($survey->soundings));
    }

    public function test_what_is_no_depth_is_counted_and_nothing_but_that_refused(): void
    {
        $survey = Survey::of([0.0, 2.0, 4.0, 6.0], [0.0, 0.0, 0.0, 0.0], [NAN, -3.0, 900.0, 5.0]);
        self::assertSame([3, 1], [$survey->unknown, count($survey->soundings)]);
        $this->expectException(InvalidInput::class);
        Survey::of([0.0], [0.0], [NAN]);
    }

    public function test_degrees_and_metres_there_and_back(): void
    {
        $frame = Frame::of(61.2345, -7.8765);
        foreach ([[0, 0], [1000, 0], [0, 1000], [-4321.5, 6789.25], [20_000, -20_000]] as [$east, $north]) {
            $back = $frame->position(...$frame->degrees(new Position($east, $north)));
            self::assertEqualsWithDelta([$east, $north], $back->pair(), 1e-4);
        }
        // A minute of latitude is a nautical mile, 1861.9 m at 66° and 1843 m at the equator; of longitude cos φ of it.
        self::assertEqualsWithDelta(1843.0, Frame::of(0.0, 0.0)->position(1 / 60, 0.0)->north, 1.0);
        self::assertEqualsWithDelta(1855.3, Frame::of(0.0, 0.0)->position(0.0, 1 / 60)->east, 1.0);
        self::assertEqualsWithDelta(1856.6, Frame::of(60.0, 0.0)->position(60 + 1 / 60, 0.0)->north, 1.0);
        self::assertEqualsWithDelta(930.0, Frame::of(60.0, 0.0)->position(60.0, 1 / 60)->east, 1.0);
        // Across the date line it is a step, not a way round.
        self::assertEqualsWithDelta(-111.3, Frame::of(0.0, -179.9995)->position(0.0, 179.9995)->east, 0.1);
        self::assertFalse($frame->reaches(0.0, 0.0));
        $this->expectException(InvalidInput::class);
        Frame::of(90.0, 0.0);
    }

    public function test_bearings_go_clockwise_from_north(): void
    {
        $here = new Position(10, 10);
        foreach ([[10, 20, 0], [20, 20, 45], [20, 10, 90], [10, 0, 180], [0, 10, 270], [9.999, 20, 359.99]] as [$x, $y, $degrees]) {
            self::assertEqualsWithDelta($degrees, $here->bearingTo(new Position($x, $y)), 0.01);
        }
        self::assertEqualsWithDelta([10.0, 5.0], (new Position(5, 5))->onward(90.0, 5.0)->pair(), 1e-9);
        self::assertSame([WindFrom::North, WindFrom::East, WindFrom::NorthWest, WindFrom::North], array_map(
            WindFrom::near(...), [20.0, 100.0, -44.0, 350.0],
        ));
        self::assertSame(315.0, WindFrom::NorthWest->degrees());
    }

    public function test_the_light_of_a_day_follows_the_sun_and_the_cloud(): void
    {
        $clear = LightDay::of(47.3, 11.2, '2026-11-25', 60.0, Cloud::Clear);
        self::assertSame(0.0, $clear->spans[0]->fromMin);
        self::assertSame(1440.0, $clear->spans[count($clear->spans) - 1]->toMin);
        foreach (array_slice($clear->spans, 1) as $i => $span) {
            self::assertSame($clear->spans[$i]->toMin, $span->fromMin);
        }
        self::assertSame([null, Light::Dim, Light::Mixed, Light::Bright, Light::Mixed, Light::Dim, null], array_map(
            static fn ($span): ?Light => $span->light, $clear->spans,
        ));
        $sun = SunDay::of(47.3, 11.2, '2026-11-25', 60.0);
        foreach ($clear->spans as $span) {
            self::assertSame($span->light, $clear->at($span->fromMin), 'from its first minute');
        }
        self::assertEqualsWithDelta($sun->civilDawn, $clear->spans[1]->fromMin, 2.0, 'dim from the first light');
        self::assertSame(Light::Dim, $clear->at((float) $sun->sunrise));
        self::assertSame(Light::Mixed, LightDay::of(47.3, 11.2, '2026-11-25', 60.0, Cloud::Broken)->at(720.0));
        self::assertSame(Light::Dim, LightDay::of(61.2, -7.9, '2026-11-25', 0.0, Cloud::Overcast)->at(720.0));
        self::assertSame([null, Light::Dim, null], array_map(
            static fn ($span): ?Light => $span->light, LightDay::of(69.6, 18.9, '2026-12-10', 60.0, Cloud::Clear)->spans,
        ), 'above the circle it only dawns');
    }

    public function test_the_light_changes_at_its_heights_of_the_sun(): void
    {
        $at = static fn (Cloud $cloud, float ...$heights): array => array_map($cloud->light(...), $heights);

        self::assertSame(
            [null, Light::Dim, Light::Dim, Light::Mixed, Light::Mixed, Light::Bright],
            $at(Cloud::Clear, -6.01, -6.0, 3.99, 4.0, 11.99, 12.0),
        );
        self::assertSame([Light::Dim, Light::Mixed, Light::Mixed, Light::Bright], $at(Cloud::Broken, 5.99, 6.0, 34.99, 35.0));
        self::assertSame([Light::Dim, Light::Mixed, Light::Mixed], $at(Cloud::Overcast, 19.99, 20.0, 90.0));
    }

    public function test_the_south_has_its_seasons_half_a_year_later(): void
    {
        // Every month by itself: the first and the last of each season are where a slip shows.
        $year = static fn (?float $latitude): string => implode('', array_map(
            static fn (int $month): string => strtoupper(Season::of($month, $latitude)->value[0]).Season::of($month, $latitude)->value[1],
            range(1, 12),
        ));
        self::assertSame('WiWiSpSpSpSuSuSuAuAuAuWi', $year(61.0), 'June is summer');
        self::assertSame($year(61.0), $year(null));
        self::assertSame('SuSuAuAuAuWiWiWiSpSpSpSu', $year(-34.0));
        self::assertSame([Season::Winter, Season::Spring, Season::Summer, Season::Autumn], array_map(
            static fn (int $month): Season => Season::of($month, 61.0), [1, 3, 8, 11],
        ));
        self::assertSame([Season::Summer, Season::Autumn, Season::Winter, Season::Spring], array_map(
            static fn (int $month): Season => Season::of($month, -34.0), [1, 3, 8, 11],
        ));
    }

    public function test_a_tide_runs_most_between_its_turns_and_stands_at_them(): void
    {
        // One wave of 12 h about its mean: high at 0, low at 6, so at 3 the ebb runs most and at 9 the flood.
        $run = new TideRun(Tide::of(2.0, [new TideWave(1.0, 30.0, 0.0)]), 0.4, 90.0);
        self::assertEqualsWithDelta([0.0, -1.0, 0.0, 1.0], array_map($run->share(...), [0.0, 3.0, 6.0, 9.0]), 0.01);
        self::assertEqualsWithDelta(0.4, $run->currentMs(9.0), 0.005);
        self::assertTrue($run->runsAway(9.0, 90.0));
        self::assertFalse($run->runsAway(3.0, 90.0));
        self::assertNull($run->runsAway(6.0, 90.0), 'it stands');
        self::assertNull($run->runsAway(9.0, 0.0), 'it runs across');
        self::assertNull($run->runsAway(9.0, null));
        // sin is over a half from 30° to 150°: 1 h to 5 h, and 7 h to 11 h.
        self::assertEqualsWithDelta([[1.0, 5.0], [7.0, 11.0]], array_map(
            static fn (array $span): array => [$span[0], $span[1]], $run->spans(0.0, 12.0),
        ), 0.26);
        self::assertSame([false, true], array_column($run->spans(0.0, 12.0), 2));
        self::assertNull((new TideRun(Tide::of(2.0, [])))->currentMs(1.0));
        self::assertSame([], (new TideRun(Tide::of(2.0, [])))->spans(0.0, 24.0));
    }

    public function test_where_to_look_turns_with_the_cold_the_level_and_what_was_found(): void
    {
        $at = static fn (StructureKind $kind, float $x, float $depth): Structure => new Structure(
            kind: $kind, at: new Position($x, 0.0), depthM: $depth, topM: 2.0, bottomM: 9.0, steepDeg: 40.0,
        );
        $all = [$at(
            StructureKind::Hole, 0, 9
        ), $at(StructureKind::Hump, 500, 3), $at(StructureKind::Ledge, 1000, 6), $at(StructureKind::Wall, 1500, 4)];
        $first = static fn (
            ?float $temp, bool $falling = false, array $found = [], ?bool $lee = null, Season $season = Season::Summer,
        ): WhereToLook => WhereToLook::among($all, new ChartDay(
            $temp, Species::Smallmouth, $season, $falling, $found, static fn (): ?bool => $lee, new UnitFormat(UnitSet::metric()),
        ))[0];
        self::assertSame(StructureKind::Ledge, $first(3.0)->structure->kind);
        self::assertContains('cold fish sit on ledges of steep rock', $first(3.0)->reasons);
        self::assertSame(StructureKind::Hole, $first(18.0, true)->structure->kind);
        $fish = [new FoundThere(new Position(510, 5), true, '2026-11-01'), new FoundThere(new Position(495, 5), true, '2026-11-09')];
        self::assertSame(StructureKind::Hump, $first(15.0, false, $fish)->structure->kind);
        self::assertContains('2 fish marked here on 2 days', $first(15.0, false, $fish)->reasons);
        self::assertContains('in the lee now', $first(3.0, false, [], true)->reasons);
        self::assertSame(StructureKind::Hump, $first(16.0, season: Season::Spring)->structure->kind);
        self::assertContains('spring brings them up', $first(16.0, season: Season::Spring)->reasons);
        self::assertNotContains('in the lee now', $first(3.0, false, [], false)->reasons);
        // The other school fishes the side the wind blows onto.
        $both = [$at(StructureKind::Ledge, 0, 6), $at(StructureKind::Ledge, 900, 6)];
        $shore = static fn (ShoreSchool $school): array => WhereToLook::among($both, new ChartDay(
            3.0, Species::Smallmouth, Season::Summer, false, [], static fn (Structure $one): bool => $one->at->east > 500,
            new UnitFormat(UnitSet::metric()), $school,
        ));
        $east = static fn (ShoreSchool $school): float => $shore($school)[0]->structure->at->east;
        self::assertSame([900.0, 0.0], [$east(ShoreSchool::Lee), $east(ShoreSchool::Windward)]);
        self::assertContains('the wind pushes bait onto it', $shore(ShoreSchool::Windward)[0]->reasons);
        self::assertNotContains('in the lee now', $shore(ShoreSchool::Windward)[1]->reasons);
    }

    public function test_every_part_of_a_bottom_is_found_for_what_it_is_and_each_finding_can_be_weighed(): void
    {
        $findings = ChartFindings::all();
        self::assertSame(array_unique(array_column($findings, 'id')), array_column($findings, 'id'));
        $say = new UnitFormat(UnitSet::metric());
        $day = new ChartDay(3.0, Species::Bream, Season::Winter, true, [
            new FoundThere(new Position(5, 0), true, '2026-11-01'), new FoundThere(new Position(8, 0), false, '2026-11-01'),
        ], static fn (): bool => true, $say);
        $spoken = [];
        foreach (StructureKind::cases() as $kind) {
            $at = new Structure(kind: $kind, at: new Position(0, 0), depthM: 5.0, topM: 2.0, bottomM: 9.0, steepDeg: 40.0);
            $full = WhereToLook::among([$at], $day)[0];
            $byKind = array_filter($findings, static fn (ChartFinding $one): bool => ! in_array($one->id, ['L1', 'L2', 'L15', 'L16'], true)
                && ($one->judge)($at, $day) !== null);
            self::assertNotSame([], $byKind, "{$kind->value}: nothing speaks for it");
            foreach ($findings as $finding) {
                $verdict = ($finding->judge)($at, $day);
                if ($verdict === null) {
                    continue;
                }
                $spoken[$finding->id] = true;
                self::assertLessThanOrEqual($finding->stake, abs($verdict->points), "{$finding->id} on {$kind->value}");
                $off = WhereToLook::among([$at], $day, [$finding->id => 0.0])[0];
                self::assertEqualsWithDelta($full->points - $verdict->points, $off->points, 1e-9);
                self::assertNotContains($verdict->text, $off->reasons);
                $twice = WhereToLook::among([$at], $day, [$finding->id => 2.0])[0];
                self::assertEqualsWithDelta($full->points + $verdict->points, $twice->points, 1e-9);
            }
        }
        // Warm water alone makes humps of it.
        self::assertSame(['L13'], array_values(array_diff(array_column($findings, 'id'), array_keys($spoken))));
    }
}
