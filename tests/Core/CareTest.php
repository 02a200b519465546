<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Care\Caution;
use Eskith\Core\Care\Cautions;
use Eskith\Core\Care\Circumstances;
use Eskith\Core\Care\Species;
use Eskith\Core\Care\SwimBladder;
use Eskith\Core\Units\UnitSet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What to take care of, and that it is said only where the readings call for it. */
final class CareTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function days(): iterable
    {
        yield 'nothing read' => [[], ['rules']];
        yield 'just warm enough' => [['waterC' => 15.0], ['rules']];
        yield 'cold' => [['waterC' => 14.9], ['cold', 'rules']];
        yield 'so cold that ice is near' => [['waterC' => 1.0], ['cold', 'ice', 'rules']];
        yield 'ice seen' => [['waterC' => 3.0, 'ice' => true], ['cold', 'ice', 'rules']];
        yield 'a breeze' => [['windMs' => 7.9], ['rules']];
        yield 'wind' => [['windMs' => 8.0], ['wind', 'rules']];
        yield 'a weir' => [['weir' => true], ['weir', 'rules']];
        yield 'not yet deep' => [['depthM' => 9.0], ['rules']];
        yield 'deep' => [['depthM' => 9.1], ['deep', 'rules']];
        yield 'spines' => [['sought' => Species::Walleye], ['spines', 'rules']];
        yield 'no spines' => [['sought' => Species::Smallmouth], ['rules']];
        yield 'protected' => [['protected' => 'sturgeon'], ['protected', 'rules']];
        yield 'all of it, the gravest first' => [
            [
                'waterC' => 0.5, 'depthM' => 20.0, 'windMs' => 12.0, 'weir' => true, 'ice' => true, 'sought' => Species::Perch,
                'protected' => 'sturgeon', 'localRules' => 'one rod',
            ],
            ['cold', 'ice', 'wind', 'weir', 'deep', 'protected', 'spines', 'rules'],
        ];
    }

    /**
     * @param  array<string, mixed>  $given
     * @param  list<string>  $ids
     */
    #[DataProvider('days')]
    public function test_cautions_come_where_they_apply(array $given, array $ids): void
    {
        $cautions = Cautions::of(new Circumstances(...['units' => UnitSet::metric(), ...$given]));

        self::assertSame($ids, array_map(static fn (Caution $caution): string => $caution->id, $cautions));
        foreach ($cautions as $caution) {
            self::assertLessThanOrEqual(150, mb_strlen($caution->todo), 'short');
            self::assertStringEndsWith('.', $caution->todo);
            self::assertStringEndsNotWith('.', $caution->about);
            self::assertMatchesRegularExpression('/^$|^\p{Lu}.{5,110}\.$/u', $caution->why);
        }
    }

    public function test_each_names_the_reading_and_what_to_do(): void
    {
        $said = [];
        foreach (Cautions::of(
            new Circumstances(
                UnitSet::imperial(), 3.0, 20.0, 10.0, true, false, Species::Bream, 'Hallowmere', 'sturgeon',
                'One rod, none under 18 in.',
            ),
        ) as $caution) {
            $said[$caution->id] = str_replace("\u{A0}", ' ', "{$caution->about}. {$caution->todo} {$caution->why}");
        }

        self::assertStringContainsString('37 °F water. Wear the life jacket', $said['cold']);
        self::assertStringContainsString('22 mph of wind', $said['wind']);
        $afoot = Cautions::of(new Circumstances(UnitSet::metric(), windMs: 9.0, onFoot: true))[0];
        self::assertStringNotContainsString('boat', "{$afoot->about} {$afoot->todo} {$afoot->why}");
        self::assertStringContainsString('66 ft deep', $said['deep']);
        self::assertStringContainsString('swells to 2.9×', $said['deep']);
        self::assertStringContainsString('descending device', $said['deep']);
        self::assertStringContainsString('Bream: spines', $said['spines']);
        self::assertStringContainsString('by your notes: sturgeon', $said['protected']);
        self::assertSame('Your notes on the rules, Hallowmere. One rod, none under 18 in. ', $said['rules']);
    }

    public function test_eskith_states_no_law_where_nothing_was_noted(): void
    {
        $rules = Cautions::of(new Circumstances(UnitSet::metric(), waterName: 'Pell'))[0];
        self::assertSame('Local rules, Pell', $rules->about);
        self::assertMatchesRegularExpression('/^Look up .* They come before anything said here\. /', $rules->todo);
    }

    public function test_a_swim_bladder_doubles_from_ten_metres_and_quadruples_from_thirty(): void
    {
        self::assertSame(1.0, SwimBladder::swelling(0.0));
        self::assertEqualsWithDelta(2.0, SwimBladder::swelling(10.0), 0.05);
        self::assertEqualsWithDelta(4.0, SwimBladder::swelling(30.0), 0.15);
        self::assertGreaterThan(SwimBladder::swelling(20.0), SwimBladder::swelling(20.0, 1025.0), 'salt water weighs more');
    }
}
