<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rules;

use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\HoleSchool;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Rule;
use Eskith\Core\Choosing\Scope;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\Verdict;

/** Which hole. Lures without holes meet none of these. */
final class HoleRules
{
    private const DEEP_M = 12.0;

    private const FAST_MS = 0.4;

    /** @return list<Rule> */
    public static function all(): array
    {
        return [
            self::rule('H1', 'Middle-first: vertical the middle, cast the front, hopping the back.', [], 2,
                static fn (Situation $s, Candidate $c, int $hole): ?Verdict => $s->schools->hole === HoleSchool::MiddleFirst
                    ? self::away($c, $hole, self::middleFirstMiss($s, $c, $hole), match (true) {
                        $s->aim->hop => 'hopping wants the back, head down',
                        $s->vertical() => 'vertical work wants the middle',
                        default => 'casting wants the front, where it can be felt',
                    })
                    : null),
            self::rule('H2', 'Middle-first: in the coldest water less vibration is better.', [], 1,
                static fn (Situation $s, Candidate $c, int $hole): ?Verdict => $s->schools->hole === HoleSchool::MiddleFirst && $hole === 0 && ($s->veryCold() || $s->sluggish())
                    ? Verdict::of(-1, ($s->veryCold() ? "{$s->say->temperature((float) $s->water->tempC)}" : 'Sluggish fish').': the front hole shakes too much for them.')
                    : null),
            self::rule('H3', 'Level-lift: vertical the front, cast the back.', [], 2,
                static fn (Situation $s, Candidate $c, int $hole): ?Verdict => $s->schools->hole === HoleSchool::LevelLift
                    ? self::away($c, $hole, $s->vertical() ? $hole : count($c->lure->holes) - 1 - $hole,
                        $s->vertical() ? 'vertical work wants the front, level and wide' : 'casting wants the back, head down')
                    : null),
            self::rule('H4', 'Deep or in flow, hang it steep: it goes down faster.', [Reading::Depth, Reading::Drift], 1,
                static fn (Situation $s, Candidate $c): ?Verdict => $c->hangAngleDeg > 40 && $c->lure->balance !== null && ($s->water->depthM > self::DEEP_M || $s->flowMs > self::FAST_MS)
                    ? Verdict::of(1, ($s->water->depthM > self::DEEP_M ? $s->say->depth($s->water->depthM).' deep' : $s->say->speed((float) $s->flowMs).' of flow').": nose {$s->say->angle($c->hangAngleDeg)} down gets there faster.")
                    : null),
            self::rule('H5', 'Among suspended fish, hang it level: it stays up longer.', [], 1,
                static fn (Situation $s, Candidate $c): ?Verdict => $s->suspended() && $c->hangAngleDeg < 15 && $c->lure->balance !== null
                    ? Verdict::of(1, "Suspended fish: hanging at {$s->say->angle((float) $c->hangAngleDeg)}, nearly level, it falls slowly past them.")
                    : null),
        ];
    }

    private static function middleFirstMiss(Situation $s, Candidate $c, int $hole): int
    {
        $last = count($c->lure->holes) - 1;

        return match (true) {
            $s->aim->hop => $last - $hole,
            ! $s->vertical() => $hole,
            $last <= 1 => 0,
            default => (int) ($hole === 0 || $hole === $last),
        };
    }

    private static function away(Candidate $c, int $hole, int $miss, string $wanted): ?Verdict
    {
        return Verdict::of(-min(2, $miss), ucfirst($c->lure->holes[$hole]->name)." hole: {$wanted}.");
    }

    /**
     * @param  list<Reading>  $needs
     * @param  \Closure(Situation, Candidate, int): ?Verdict  $judge
     */
    private static function rule(string $id, string $says, array $needs, float $stake, \Closure $judge): Rule
    {
        return new Rule($id, Scope::Hole, $says, $needs, $stake,
            static fn (Situation $s, Candidate $c): ?Verdict => $c->holeIndex === null ? null : $judge($s, $c, $c->holeIndex));
    }
}
