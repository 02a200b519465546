<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Aim;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\FinishSchool;
use Eskith\Core\Choosing\FishingMode;
use Eskith\Core\Choosing\HoleSchool;
use Eskith\Core\Choosing\Mood;
use Eskith\Core\Choosing\Rule;
use Eskith\Core\Choosing\RuleBook;
use Eskith\Core\Choosing\Schools;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\VigourSchool;
use Eskith\Core\Choosing\Zone;
use Eskith\Core\Tackle\Accent;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\Point;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\Bottom;
use Eskith\Core\Water\Clarity;
use Eskith\Core\Water\Conditions;
use Eskith\Core\Water\Food;
use Eskith\Core\Water\ForageSize;
use Eskith\Core\Water\Light;
use Eskith\Core\Water\Runs;
use Eskith\Core\Water\Trend;
use PHPUnit\Framework\TestCase;

/** One rule alone, asked about one candidate. Everything not named is plain: still water, walleye, vertical, half-ounce blade. */
abstract class RuleTestCase extends TestCase
{
    /** @param  array<string, mixed>  $given */
    protected function points(string $rule, array $given): float
    {
        $verdict = $this->rule($rule)->judge($this->situation($given), $this->candidate($given));
        if ($verdict !== null) {
            self::assertMatchesRegularExpression('/^\S.*\.$/u', $verdict->text);
        }

        return $verdict->points ?? 0.0;
    }

    /** @param  array<string, mixed>  $given */
    protected function words(string $rule, array $given): ?string
    {
        return $this->rule($rule)->judge($this->situation($given), $this->candidate($given))?->text;
    }

    protected function rule(string $id): Rule
    {
        foreach (RuleBook::standard()->rules as $rule) {
            if ($rule->id === $id) {
                return $rule;
            }
        }
        self::fail("There is no rule {$id}.");
    }

    /** @param  array<string, mixed>  $given */
    protected function situation(array $given): Situation
    {
        return new Situation(
            new Conditions(
                tempC: array_key_exists('temp', $given) ? $given['temp'] : 8.0,
                depthM: $given['depth'] ?? 8.0,
                clarity: Clarity::from($given['clarity'] ?? 'clear'),
                light: Light::from($given['light'] ?? 'mixed'),
                currentMs: $given['current'] ?? 0.0,
                boatMs: $given['boat'] ?? 0.0,
                windMs: $given['wind'] ?? 2.0,
                trend: Trend::from($given['trend'] ?? 'steady'),
                bottom: Bottom::from($given['bottom'] ?? 'weed_scattered'),
                wall: $given['wall'] ?? false,
                calm: $given['calm'] ?? false,
                food: array_map(Food::from(...), $given['food'] ?? []),
                surfaceTempC: $given['surface'] ?? null,
                gustBoatMs: $given['gust'] ?? null,
                fishDepthM: $given['fish_depth'] ?? null,
                forageSize: isset($given['forage']) ? ForageSize::from($given['forage']) : null,
            ),
            new Aim(
                Species::from($given['fish'] ?? 'walleye'), FishingMode::from($given['how'] ?? 'vertical'),
                Zone::from($given['zone'] ?? 'bottom'), Mood::from($given['mood'] ?? 'neutral'),
                $given['pressured'] ?? false, $given['hop'] ?? false, $given['away'] ?? false, $given['marks'] ?? false,
                isset($given['runs']) ? Runs::from($given['runs']) : null,
            ),
            new Schools(
                HoleSchool::from($given['holes'] ?? 'middle-first'),
                FinishSchool::from($given['finishes'] ?? 'forage-and-silhouette'),
                VigourSchool::from($given['vigour'] ?? 'barely-move'), $given['gold'] ?? false,
            ),
            0.0002, UnitSet::metric(), $given['refused'] ?? 0.0, $given['touched'] ?? false,
        );
    }

    /** @param  array<string, mixed>  $given */
    protected function candidate(array $given): Candidate
    {
        $count = $given['count'] ?? 3;
        $names = [[], ['middle'], ['front', 'back'], ['front', 'middle', 'back'], ['front', 'second', 'third', 'back']][$count];
        $holes = array_map(
            static fn (string $name, int $i): Hole => new Hole($name, Point::of(18 + 5 * $i, 10)), $names, array_keys($names),
        );
        $accents = array_map(Accent::from(...), $given['accents'] ?? []);
        $lure = Lure::of(
            'lure', Family::from($given['family'] ?? 'blade'), ($given['oz'] ?? 0.5) * 0.028349523 ?: 1.0,
            $given['finish'] ?? 'silver', $given['red'] ?? false, $holes, Point::of(19, 3), accents: $accents,
            weedless: $given['weedless'] ?? false,
        );
        if (isset($given['g'])) {
            $lure = Lure::of(
                'lure', Family::from($given['family'] ?? 'blade'), $given['g'] / 1000, $given['finish'] ?? 'silver',
                $given['red'] ?? false, $holes, Point::of(19, 3), accents: $accents,
            );
        }

        $bare = Candidate::bare(
            $lure, ($given['working'] ?? 0.5) * 0.028349523, array_key_exists('lean', $given) ? $given['lean'] : 5.0, true,
            $given['gust_lean'] ?? null, array_key_exists('gust_lean', $given),
        );
        $hung = $bare->on($count === 0 ? null : ($given['hole'] ?? 0), $given['hang'] ?? 30.0, $given['seconds'] ?? 9.0);

        return isset($given['cadence']) ? $hung->worked(Cadence::from($given['cadence'])) : $hung;
    }
}
