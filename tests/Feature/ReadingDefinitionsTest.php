<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Readings\ReadingKeeper;
use App\Readings\TodaysReadings;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Readings\Kind;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\Bottom;
use Eskith\Core\Water\Profile;
use Eskith\Telling\Enums\Source;
use Eskith\Telling\Settings\Settings;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Every reading there is: how it is typed, what it becomes, what it is refused for. */
final class ReadingDefinitionsTest extends TestCase
{
    use RefreshDatabase;

    public function test_every_reading_that_a_choice_rests_on_can_be_read_and_has_the_same_choices(): void
    {
        foreach (Reading::cases() as $reading) {
            $definition = $reading->definition();
            self::assertSame($reading->dimension(), $definition->unit(UnitSet::metric())?->dimension(), $reading->value);
            self::assertSame($reading->choices(), array_map(strval(...), array_keys($definition->options)), $reading->value);
            self::assertSame($reading->dimension() === null, $reading->choices() !== [], "{$reading->value} is either measured or chosen");
        }
    }

    /** @return iterable<string, array{string, string, string, float|null}> */
    public static function readable(): iterable
    {
        yield 'water in °F' => ['temp', '40', "40\u{A0}°F", 4.4444];
        yield 'water in °C' => ['temp', '4.5 C', '4.5 C', 4.5];
        yield 'surface' => ['surface', '75 °F', '75 °F', 23.8889];
        yield 'depth in feet' => ['depth', "26'", "26'", 7.9248];
        yield 'depth in metres' => ['depth', '8 m', '8 m', 8.0];
        yield 'drift in mph' => ['drift', '.3', "0.3\u{A0}mph", 0.134112];
        yield 'drift against the axis' => ['drift', '-0.2 m/s', '-0.2 m/s', -0.2];
        yield 'current in knots' => ['current', '1 kn', '1 kn', 0.514444];
        yield 'wind' => ['wind', '10 km/h', '10 km/h', 2.77778];
        yield 'sonar cone' => ['cone', '24', '24°', 24.0];
        yield 'a choice' => ['clarity', 'dirty', 'dirty', null];
        yield 'several choices, in their own order' => ['food', 'goby,perch', 'perch,goby', null];
        yield 'no food' => ['food', '', '', null];
        yield 'a flag' => ['wall', 'yes', 'yes', null];
        yield 'waves' => ['calm', 'no', 'no', null];
        yield 'weed' => ['weed', 'dying', 'dying', null];
    }

    #[DataProvider('readable')]
    public function test_is_read_as_typed(string $name, string $text, string $shown, ?float $si): void
    {
        [$kept, $value] = Reading::from($name)->read($text, UnitSet::imperial());

        self::assertContains($kept, [$shown, str_replace('0.3', '.3', $shown)]);
        $si === null ? self::assertNull($value) : self::assertEqualsWithDelta($si, $value, 1e-3);
    }

    public function test_every_measure_has_a_step_a_unit_and_limits_in_every_set_of_units(): void
    {
        foreach ([UnitSet::metric(), UnitSet::imperial()] as $units) {
            foreach (Reading::cases() as $reading) {
                $spec = $reading->definition();
                $unit = $spec->unit($units);
                if ($spec->kind !== Kind::Measure) {
                    self::assertNull($unit);
                    self::assertNotSame([], $spec->options, $reading->value);

                    continue;
                }
                self::assertNotNull($unit, $reading->value);
                [$low, $high] = $spec->limits($unit);
                self::assertLessThan($high, $low, $reading->value);
                self::assertGreaterThan(0, $spec->step($unit));
                foreach ([$low - 1, $high + 1] as $beyond) {
                    try {
                        $reading->read("{$beyond} {$unit->symbol()}", $units);
                        self::fail("{$reading->value} of {$beyond} was taken.");
                    } catch (InvalidInput $bad) {
                        self::assertSame($reading->value, $bad->field);
                    }
                }
            }
        }
    }

    public function test_every_choice_reads_back_by_its_word(): void
    {
        foreach (Reading::cases() as $reading) {
            foreach ($reading->definition()->options as $value => $word) {
                self::assertSame([(string) $value, null], $reading->read((string) $value, UnitSet::metric()));
                self::assertSame($word, $reading->definition()->word((string) $value));
            }
        }
        self::assertSame('none', Reading::Food->definition()->word(''));
        self::assertSame('perch, golden shiner', Reading::Food->definition()->word('perch,golden_shiner'));
    }

    public function test_what_is_assumed_can_be(): void
    {
        foreach (Reading::cases() as $reading) {
            $assumed = $reading->definition()->assumed;
            self::assertTrue(
                $assumed === null || $reading->definition()->holds((string) $assumed, is_float($assumed) ? $assumed : null),
                $reading->value,
            );
        }
    }

    public function test_whatever_a_choice_rests_on_is_known_wherever_it_must_be(): void
    {
        $bare = TodaysReadings::of($this->angler())->situation(0.0002);
        $keys = [];
        foreach (Reading::used() as $reading) {
            $basis = $reading->basis();
            self::assertTrue(
                property_exists($basis->ofAim ? $bare->aim : $bare->water, $basis->field),
                "{$reading->value}: no {$basis->field} to stand in",
            );
            self::assertSame(
                $reading->dimension() === null, $basis->walk === null,
                "{$reading->value}: a measure is walked along, a choice is not",
            );
            self::assertNotSame('', $reading->word());
            $keys[] = $basis->key;
            $values = $reading->dimension() === null ? $reading->choices() : [$basis->walk?->guesses[1]];
            foreach ($values as $value) {
                $moved = $reading->with($bare, $value);
                self::assertSame($reading->dimension() === null ? [$value] : [], $reading->chosen($moved), $reading->value);
                self::assertSame($reading->dimension() === null ? null : $value, $reading->measured($moved), $reading->value);
                $opening = $reading->opening($moved->say, $value);
                self::assertStringNotContainsString(
                    '{',
                    $opening.$reading->missing().(
                        is_string($value) ? $reading->saying($value).$reading->naming($value) : $reading->measure($moved->say, $value)
                    ),
                    $reading->value,
                );
            }
        }
        self::assertSame($keys, array_values(array_unique($keys)), 'each has a name of its own on the command line');
    }

    public function test_a_new_angler_sees_assumptions_marked_as_such(): void
    {
        $book = TodaysReadings::of($this->angler());

        self::assertSame(Source::Assumed, $book->entries['depth']->source);
        self::assertEqualsWithDelta(8.0, $book->si('depth'), 0.1);
        self::assertNull($book->si('temp'));
        self::assertNull($book->driftMs());
        self::assertFalse($book->driftIsFromWind());
        $situation = $book->situation(0.0002);
        self::assertNull($situation->column);
        self::assertNotNull($situation->columnIfStill);
        self::assertNull($situation->water->bottom);
    }

    public function test_readings_become_the_situation_they_describe(): void
    {
        $angler = $this->angler();
        ReadingKeeper::of($angler)->keep([
            'temp' => '4 °C', 'depth' => '6 m', 'current' => '0.5 m/s', 'drift' => '0.4 m/s', 'flow' => 'river',
            'salt' => 'brackish', 'bottom' => 'mud', 'wall' => 'yes',
            'calm' => 'yes', 'food' => 'shad,goby', 'trend' => 'cooling', 'species' => 'bream', 'how' => 'cast',
            'zone' => 'suspended', 'mood' => 'active',
            'pressured' => 'yes', 'hop' => 'yes', 'away' => 'yes', 'marks' => 'yes', 'surface' => '22 °C',
        ]);
        $situation = TodaysReadings::of($angler)->situation(0.0002);

        self::assertEqualsWithDelta(0.0375, $situation->flowMs, 1e-9);
        self::assertSame(
            [Profile::River, Bottom::Mud, 15.0, true, true],
            [
                $situation->water->profile, $situation->water->bottom, $situation->water->salinity, $situation->water->wall,
                $situation->water->calm,
            ],
        );
        self::assertSame(['shad', 'goby'], array_column($situation->water->food, 'value'));
        self::assertSame(
            ['bream', 'cast', 'suspended', 'active'],
            [$situation->aim->species->value, $situation->aim->how->value, $situation->aim->zone->value, $situation->aim->mood->value],
        );
        self::assertSame(
            [true, true, true, true],
            [$situation->aim->pressured, $situation->aim->hop, $situation->aim->runsAway(), $situation->aim->marksBelow],
        );
        self::assertEqualsWithDelta(22.0, $situation->water->surfaceTempC, 1e-9);
    }

    public function test_a_link_carries_every_reading_there_and_back(): void
    {
        $one = $this->angler();
        ReadingKeeper::of($one)->keep(
            ['temp' => '37 °F', 'depth' => "26'", 'food' => 'perch,shad', 'wall' => 'yes', 'drift' => '-0.3 mph'],
        );
        $texts = TodaysReadings::of($one)->texts();
        parse_str(http_build_query($texts), $query);

        self::assertSame($texts, TodaysReadings::of($this->angler(), $query)->texts());
    }

    public function test_unknown_settings_fall_back_to_the_default(): void
    {
        $odd = Settings::from(['depth' => 'fathoms', 'hole' => 'any', 'theme' => 'plaid']);
        self::assertSame(['ft', 'middle-first', 'day'], [$odd->units->depth->value, $odd->schools->hole->value, $odd->theme]);
        foreach (Settings::CHOICES as $name => $choices) {
            foreach ($choices as $choice) {
                Settings::from([$name => $choice]);
            }
        }
        self::assertSame(
            ['cm', 'kgf'],
            [Settings::from(['depth' => 'm'])->units->fishLength->value, Settings::from(['fish_weight' => 'kg'])->units->strength->value],
        );
    }
}
