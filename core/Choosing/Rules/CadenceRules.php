<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rules;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Mood;
use Eskith\Core\Choosing\Rule;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\Verdict;
use Eskith\Core\Choosing\VigourSchool;
use Eskith\Core\Water\Bottom;
use Eskith\Core\Words\Words;

/** Which cadence. Whether a lure can be worked so at all is said by Cadence::fits; here it is only scored. */
final class CadenceRules
{
    /** @return list<Rule> */
    public static function all(): array
    {
        return [
            Rule::ofCadence(Cadence::ShortPop, 'K1', 'Short pop: the plain vertical cadence for a blade.', [], 2, self::shortPop(...)),
            Rule::ofCadence(Cadence::HighPop, 'K2', 'High pop: for active fish and warmer water.', [], 3, self::highPop(...)),
            Rule::ofCadence(Cadence::LowHop, 'K3', 'Low hop: the least that vibrates.', [], 3, self::lowHop(...)),
            Rule::ofCadence(Cadence::ClockSweep, 'K4', 'Clock sweep: cast in warmer water, for active fish.', [], 3, self::clockSweep(...)),
            Rule::ofCadence(Cadence::DeadStick, 'K5', 'Dead-stick: for the coldest water and pressured fish, and for bream.', [], 4,
                self::deadStick(...)),
            Rule::ofCadence(Cadence::SteadyLift, 'K6', 'Steady lift: 10 to 13 °C with fish on the bottom.', [], 3,
                static fn (Situation $s): ?Verdict => $s->onBottom() && $s->coolWater()
                    ? Verdict::of(
                        3, '{temperature}, fish on bottom: an even lift draws them.',
                        temperature: $s->say->temperature((float) $s->water->tempC),
                    ) : null),
            Rule::ofCadence(Cadence::FlutterDrop, 'K7', 'Flutter drop: a spoon at its best.', [], 2,
                static fn (Situation $s): ?Verdict => Verdict::of(
                    2, $s->vertical()
                        ? 'Straight down a spoon bites best fluttering on slack.'
                        : 'A cast spoon bites best fluttering on slack.',
                )),
            Rule::ofCadence(Cadence::HandFeed, 'K8', 'Hand feed: marks straight below.', [], 3,
                static fn (Situation $s): ?Verdict => $s->aim->marksBelow
                    ? Verdict::of(3, 'Marks straight below: feed it to them by hand.') : null),
            Rule::ofCadence(Cadence::SlowRoll, 'K9', 'Slow roll: just over rock or weed, or through fish that hang.', [], 3,
                self::slowRoll(...)),
            Rule::ofCadence(Cadence::WallFall, 'K10', 'Wall fall: down the wall, close to the rock.', [], 3,
                static fn (Situation $s): ?Verdict => $s->water->wall === true
                    ? Verdict::of(3, 'A wall: they bite on the drop.') : null),
            Rule::ofCadence(Cadence::RideTheTide, 'K11', 'Ride the tide: for bream, the flow running away from you.', [], 4,
                static fn (Situation $s): ?Verdict => $s->aim->species === Species::Bream && $s->runs() && $s->aim->runsAway()
                    ? Verdict::of(
                        4, '{flow} away from you: ride it past the poles.',
                        flow: $s->say->speed((float) $s->flowMs),
                    ) : null),
            Rule::ofCadence(Cadence::Float, 'K12', 'Float: down through fish that hang in the water.', [], 3,
                static fn (Situation $s): ?Verdict => $s->onBottom() ? null : ($s->suspended()
                    ? Verdict::of(3, 'Suspended fish: let it flutter down through them.')
                    : Verdict::of(1, 'Fish in the thermocline: flutter it down to them.'))),
            Rule::ofCadence(Cadence::TallRise, 'K13', 'Tall rise: active fish, best off the bottom.', [], 3, self::tallRise(...)),
            Rule::ofCadence(Cadence::SlowPull, 'K14', 'Slow pull: cast for cold or pressured fish.', [], 3, self::slowPull(...)),
        ];
    }

    private static function shortPop(Situation $s): ?Verdict
    {
        $slow = self::barely($s) && ($s->water->calm === true || $s->sluggish());

        return match (true) {
            $slow => Verdict::of(1, '{why}: a short pop is a little much today.', why: self::slowWords($s)),
            ! $s->vertical() => Verdict::of(2, 'Casting a blade: short steep pops startle them.'),
            default => Verdict::of(2, 'Straight down, short pops keep a blade with them.'),
        };
    }

    private static function highPop(Situation $s): ?Verdict
    {
        $warmer = $s->warmer();
        $points = ($s->aim->mood === Mood::Active ? 2 : 0) + ($warmer ? 1 : 0);
        $words = [
            ...($s->aim->mood === Mood::Active ? ['active fish'] : []),
            ...($warmer ? [$s->say->temperature((float) $s->water->tempC)] : []),
        ];
        if (self::barely($s) && $s->sluggish()) {
            return Verdict::of(
                $points - 2, $warmer
                    ? "Sluggish fish at {temperature}: they won't follow high pops."
                    : "Sluggish fish won't follow a high pop.",
                temperature: $s->say->temperature((float) $s->water->tempC),
            );
        }
        if (! self::barely($s) && $s->water->tempC !== null && ! $warmer) {
            return Verdict::of(
                $points + 2, '{temperature}: a high pop startles cold fish awake.',
                temperature: $s->say->temperature($s->water->tempC),
            );
        }

        return Verdict::of($points, '{words}: a high pop draws a reaction.', words: ucfirst(implode(' and ', $words)));
    }

    private static function lowHop(Situation $s): ?Verdict
    {
        if ($s->aim->species === Species::Bream) {
            return Verdict::of(3, 'Bream sought: a low hop is all they want.');
        }
        if (! self::barely($s)) {
            return null;
        }
        $extra = (int) $s->veryCold() + (int) ($s->water->calm === true) + (int) $s->sluggish();

        return Verdict::of(min(3, 1 + $extra), $extra === 0
            ? 'Barely move: a low hop stops at first vibration.'
            : Words::of('{why}: lift just until it vibrates.', why: self::slowWords($s, true)));
    }

    private static function clockSweep(Situation $s): ?Verdict
    {
        if ($s->aim->species === Species::Bream) {
            return null;
        }
        $signs = [
            ...($s->warmer() ? [$s->say->temperature((float) $s->water->tempC)] : []),
            ...($s->aim->mood === Mood::Active ? ['active fish'] : []),
        ];

        return Verdict::of(1 + count($signs), $signs === []
            ? 'Casting a blade: the sweep covers bottom, felt throughout.'
            : Words::of('{signs}: they follow a sweep of the rod.', signs: ucfirst(implode(' and ', $signs))));
    }

    private static function deadStick(Situation $s): ?Verdict
    {
        if ($s->runs()) {
            return Verdict::of(-2, '{flow} past you: it will not lie still.', flow: $s->say->speed((float) $s->flowMs));
        }
        if ($s->aim->species === Species::Bream) {
            return Verdict::of(4, 'Bream pick it up the longer it lies.');
        }
        $barely = self::barely($s);
        $signs = [
            ...($barely && $s->veryCold() ? [$s->say->temperature((float) $s->water->tempC)] : []),
            ...($s->aim->pressured ? ['pressured fish'] : []),
            ...($barely && $s->sluggish() ? ['sluggish fish'] : []),
        ];

        return Verdict::of(
            count($signs) + (int) ($barely && $s->aim->pressured), '{signs}: leave it lying and wait.',
            signs: ucfirst(implode(', ', $signs)),
        );
    }

    private static function slowRoll(Situation $s): ?Verdict
    {
        $active = $s->aim->mood === Mood::Active;

        return match (true) {
            $s->suspended() => Verdict::of(3, 'Suspended fish: reel it slowly at their depth.'),
            ! $s->onBottom() => Verdict::of(1, 'Fish in the thermocline: reel it slowly through them.'),
            $s->weedy() => Verdict::of(
                3, '{bottom} below: roll it over the top.', bottom: ucfirst($s->water->bottom?->word() ?? ''),
            ),
            $s->water->bottom === Bottom::Rock => Verdict::of(
                $active ? 2 : 1, $active
                    ? 'Rock and active fish: roll it over the top.'
                    : 'Rock below: roll it over the top.',
            ),
            default => null,
        };
    }

    private static function tallRise(Situation $s): ?Verdict
    {
        if ($s->aim->mood !== Mood::Active) {
            return null;
        }

        return $s->onBottom()
            ? Verdict::of(1, 'Active fish on bottom: a tall rise pulls them.')
            : Verdict::of(3, 'Active fish off bottom: a tall rise meets them.');
    }

    private static function slowPull(Situation $s): ?Verdict
    {
        if ($s->aim->species === Species::Bream) {
            return null;
        }
        if (! self::barely($s)) {
            return Verdict::of(1, "Casting a blade: a slow pull doesn't scare them.");
        }
        $temp = $s->water->tempC;
        $signs = [
            ...($temp !== null && ! $s->warmer() ? [$s->say->temperature($temp)] : []),
            ...($s->aim->pressured ? ['pressured fish'] : []),
        ];

        return Verdict::of(min(3, 2 + count($signs)), $signs === []
            ? 'Casting a blade: draw it only until it vibrates.'
            : Words::of('{signs}: draw it only until it vibrates.', signs: ucfirst(implode(' and ', $signs))));
    }

    private static function slowWords(Situation $s, bool $withCold = false): string
    {
        return ucfirst(implode(', ', [
            ...($withCold && $s->veryCold() ? [$s->say->temperature((float) $s->water->tempC)] : []),
            ...($s->water->calm === true ? ['calm'] : []),
            ...($s->sluggish() ? ['sluggish fish'] : []),
        ]));
    }

    private static function barely(Situation $s): bool
    {
        return $s->schools->vigour === VigourSchool::BarelyMove;
    }
}
