<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Aim;
use Eskith\Core\Choosing\Chooser;
use Eskith\Core\Choosing\IdealLure;
use Eskith\Core\Choosing\RuleBook;
use Eskith\Core\Choosing\Schools;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\StartingBox;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\Conditions;
use PHPUnit\Framework\TestCase;

final class StartingBoxTest extends TestCase
{
    public function test_each_is_a_dozen_of_different_plain_lures_named_by_their_place(): void
    {
        foreach (StartingBox::cases() as $box) {
            $lures = $box->lures();
            self::assertCount(
                12,
                array_unique(array_map(static fn (Lure $lure): string => "{$lure->make} {$lure->look}", $lures)), $box->value,
            );
            self::assertSame(range(0, 11), array_map(static fn (Lure $lure): int => (int) $lure->id, $lures));
        }
    }

    public function test_each_fits_the_fish_and_the_water(): void
    {
        self::assertSame(StartingBox::Bream, StartingBox::for(Species::Bream, true));
        self::assertSame(StartingBox::Small, StartingBox::for(Species::Crappie, true));
        self::assertSame(StartingBox::Current, StartingBox::for(Species::Sauger, true));
        self::assertSame(StartingBox::Still, StartingBox::for(Species::Largemouth, false));
        foreach (StartingBox::Bream->lures() as $lure) {
            self::assertTrue($lure->isVibe(), 'bream are for vibes');
        }
        $heaviest = static fn (StartingBox $box): float => max(array_map(static fn (Lure $lure): float => $lure->massKg, $box->lures()));
        self::assertGreaterThan($heaviest(StartingBox::Still), $heaviest(StartingBox::Current), 'current asks for weight');
    }

    public function test_whatever_is_sought_in_cold_water_something_of_it_suits(): void
    {
        foreach (Species::cases() as $fish) {
            foreach ([3.0, 8.0, 12.0] as $temp) {
                $situation = new Situation(
                    new Conditions(tempC: $temp, depthM: 7.0, currentMs: 0.0, boatMs: 0.1), new Aim($fish), new Schools, 0.0002,
                    UnitSet::imperial(),
                );
                $chooser = new Chooser(RuleBook::standard());
                $first = $chooser->rank($situation, StartingBox::for($fish, false)->lures())[0];
                self::assertFalse(IdealLure::best($chooser, $situation)->shames($first), "{$fish->value} at {$temp} °C");
            }
        }
    }
}
