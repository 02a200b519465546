<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rules;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Mood;
use Eskith\Core\Choosing\Rule;
use Eskith\Core\Choosing\Scope;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\Verdict;
use Eskith\Core\Choosing\VigourSchool;
use Eskith\Core\Choosing\Zone;
use Eskith\Core\Water\Bottom;

/** Which cadence. Whether a lure can be worked so at all is said by Cadence::fits; here it is only scored. */
final class CadenceRules
{
    /** m/s of flow past the boat from which a lure does not lie still. */
    private const RUNS_MS = 0.15;

    /** @return list<Rule> */
    public static function all(): array
    {
        return [
            self::rule('K1', Cadence::ShortPop, 'Short pop: the plain vertical cadence for a blade.', 2, self::shortPop(...)),
            self::rule('K2', Cadence::HighPop, 'High pop: for active fish and warmer water.', 3, self::highPop(...)),
            self::rule('K3', Cadence::LowHop, 'Low hop: the least that vibrates.', 3, self::lowHop(...)),
            self::rule('K4', Cadence::ClockSweep, 'Clock sweep: the plain cast cadence for a blade.', 2,
                static fn (Situation $s): ?array => $s->aim->species === Species::Bream ? null : [2, 'Casting a blade: the sweep covers bottom and is felt all the way.']),
            self::rule('K5', Cadence::DeadStick, 'Dead-stick: for the coldest water and pressured fish.', 3, self::deadStick(...)),
            self::rule('K6', Cadence::SteadyLift, 'Steady lift: 10 to 13 °C with fish on the bottom.', 3,
                static fn (Situation $s): ?array => $s->coolWater() && $s->aim->zone === Zone::Bottom
                    ? [3, "{$s->say->temperature((float) $s->water->tempC)} and fish on the bottom: one slow even lift draws them up."] : null),
            self::rule('K7', Cadence::FlutterDrop, 'Flutter drop: a spoon at its best.', 2,
                static fn (Situation $s): array => [2, ($s->vertical() ? 'Straight down' : 'Casting').' with a spoon: it earns its bites fluttering on a little slack.']),
            self::rule('K8', Cadence::HandFeed, 'Hand feed: marks straight below.', 2,
                static fn (Situation $s): ?array => $s->aim->marksBelow ? [2, 'Marks straight below: feed it to them by hand.'] : null),
            self::rule('K9', Cadence::SlowRoll, 'Slow roll: just over rock or weed.', 1,
                static fn (Situation $s): ?array => $s->water->bottom === Bottom::Rock || $s->weedy()
                    ? [1, ucfirst($s->water->bottom?->word() ?? '').' below: roll it just over the top.'] : null),
            self::rule('K10', Cadence::WallFall, 'Wall fall: down the wall, close to the rock.', 3,
                static fn (Situation $s): ?array => $s->water->wall === true ? [3, 'A wall to fall down: the bite comes on the drop.'] : null),
            self::rule('K11', Cadence::RideTheTide, 'Ride the tide: for bream, the flow running away from you.', 3,
                static fn (Situation $s): ?array => $s->aim->species === Species::Bream && $s->flowMs > self::RUNS_MS && $s->aim->flowAway
                    ? [3, "{$s->say->speed($s->flowMs)} running away from you: let the tide carry it past the poles."] : null),
            self::rule('K12', Cadence::Float, 'Float: down through suspended fish.', 3,
                static fn (Situation $s): ?array => $s->suspended() ? [3, 'Suspended fish: let it flutter down through them.'] : null),
            self::rule('K13', Cadence::TallRise, 'Tall rise: active fish off the bottom.', 3,
                static fn (Situation $s): ?array => $s->aim->mood !== Mood::Active ? null : ($s->aim->zone === Zone::Bottom
                    ? [1, 'Active fish on the bottom: a tall rise may pull them up.']
                    : [3, 'Active fish off the bottom: a tall rise meets them.'])),
        ];
    }

    /** @return array{int, string} */
    private static function shortPop(Situation $s): array
    {
        $slow = self::barely($s) && ($s->water->calm === true || $s->sluggish());

        return $slow
            ? [1, self::slowWords($s).': a short pop is a little much today.']
            : [2, 'Straight down with a blade: short pops keep it where the fish are.'];
    }

    /** @return array{int, string}|null */
    private static function highPop(Situation $s): ?array
    {
        $warmer = $s->water->tempC !== null && $s->water->tempC > 10;
        $points = ($s->aim->mood === Mood::Active ? 2 : 0) + ($warmer ? 1 : 0);
        $words = [
            ...($s->aim->mood === Mood::Active ? ['active fish'] : []),
            ...($warmer ? [$s->say->temperature((float) $s->water->tempC)] : []),
        ];
        if (self::barely($s) && $s->sluggish()) {
            return [$points - 2, 'Sluggish fish'.($warmer ? " at {$s->say->temperature((float) $s->water->tempC)}" : '').': a high pop is more than they follow.'];
        }
        if (! self::barely($s) && $s->water->tempC !== null && ! $warmer) {
            return [$points + 2, "{$s->say->temperature($s->water->tempC)}: cold fish are startled awake by a high pop."];
        }

        return $points === 0 ? null : [$points, ucfirst(implode(' and ', $words)).': a high pop draws a reaction.'];
    }

    /** @return array{int, string}|null */
    private static function lowHop(Situation $s): ?array
    {
        if ($s->aim->species === Species::Bream) {
            return [3, 'Bream sought: a low hop is all they want.'];
        }
        if (! self::barely($s)) {
            return null;
        }
        $extra = (int) $s->veryCold() + (int) ($s->water->calm === true) + (int) $s->sluggish();

        return [min(3, 1 + $extra), $extra === 0
            ? 'Barely move: a low hop lifts no further than the first vibration.'
            : self::slowWords($s, true).': lift just until it vibrates.'];
    }

    /** @return array{int, string}|null */
    private static function deadStick(Situation $s): ?array
    {
        if ($s->flowMs > self::RUNS_MS) {
            return [-2, "{$s->say->speed($s->flowMs)} past the boat: it will not lie still."];
        }
        if ($s->aim->species === Species::Bream) {
            return [3, 'Bream sought: they pick it up off the bottom.'];
        }
        $signs = [
            ...(self::barely($s) && $s->veryCold() ? [$s->say->temperature((float) $s->water->tempC)] : []),
            ...($s->aim->pressured ? ['pressured fish'] : []),
            ...(self::barely($s) && $s->sluggish() ? ['sluggish fish'] : []),
        ];

        return $signs === [] ? null : [count($signs), ucfirst(implode(', ', $signs)).': leave it lying and wait.'];
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

    /** @param  \Closure(Situation): (array{int, string}|null)  $judge points and sentence */
    private static function rule(string $id, Cadence $cadence, string $says, float $stake, \Closure $judge): Rule
    {
        return new Rule($id, Scope::Cadence, $says, [], $stake, static function (Situation $s, Candidate $c) use ($cadence, $judge): ?Verdict {
            $found = $c->cadence === $cadence ? $judge($s) : null;

            return $found === null ? null : Verdict::of($found[0], $found[1]);
        });
    }
}
