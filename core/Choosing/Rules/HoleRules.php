<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rules;

use Eskith\Core\Choosing\HoleSchool;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Rule;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\Subjects\HangFacts;
use Eskith\Core\Choosing\Verdict;
use Eskith\Core\Words\Words;

/** Which hole. Lures without holes meet none of these. */
final class HoleRules
{
    private const DEEP_M = 12.0;

    private const FAST_MS = 0.4;

    /** Hang angles from which a lure counts as hanging steep, and up to which as hanging level. */
    private const STEEP_DEG = 40.0;

    private const LEVEL_DEG = 15.0;

    /** @return list<Rule> */
    public static function all(): array
    {
        return [
            Rule::ofHanging('H1', 'Middle-first: vertical the middle, cast the front, hopping the back.', [], 2, self::middleFirst(...)),
            Rule::ofHanging('H2', 'Middle-first: in the coldest water less vibration is better.', [], 1, self::lessVibration(...)),
            Rule::ofHanging('H3', 'Level-lift: vertical the front, cast the back.', [], 2, self::levelLift(...)),
            Rule::ofFalling(
                'H4', 'Deep or in flow, hang it steep: it goes down faster.', [Reading::Depth, Reading::Drift], 1,
                self::steep(...),
            ),
            Rule::ofHanging('H5', 'Among suspended fish, hang it level: it stays up longer.', [], 1, self::level(...)),
        ];
    }

    private static function middleFirst(Situation $s, HangFacts $hung): ?Verdict
    {
        if ($s->schools->hole !== HoleSchool::MiddleFirst || $hung->index === null) {
            return null;
        }
        [$miss, $wanted] = match (true) {
            $s->aim->hop => [$hung->last() - $hung->index, 'hopping wants the back, head down'],
            ! $s->vertical() && ! $s->veryCold() && ! $s->sluggish() => [$hung->index, 'casting wants the front, where it can be felt'],
            $hung->last() <= 1 => [0, ''],
            default => [
                (int) ($hung->index === 0 || $hung->index === $hung->last()),
                $s->vertical() ? 'vertical work wants the middle' : 'slow fish want the middle, also when casting',
            ],
        };

        return self::away($hung->holes[$hung->index]->name, $miss, $wanted);
    }

    private static function lessVibration(Situation $s, HangFacts $hung): ?Verdict
    {
        if ($s->schools->hole !== HoleSchool::MiddleFirst || $hung->index !== 0 || ! ($s->veryCold() || $s->sluggish())) {
            return null;
        }
        $why = $s->veryCold() ? $s->say->temperature((float) $s->water->tempC) : 'Sluggish fish';

        return Verdict::of(-1, '{why}: the front hole shakes too much for them.', why: $why);
    }

    private static function levelLift(Situation $s, HangFacts $hung): ?Verdict
    {
        if ($s->schools->hole !== HoleSchool::LevelLift || $hung->index === null) {
            return null;
        }
        [$miss, $wanted] = $s->vertical()
            ? [$hung->index, 'vertical work wants the front, level and wide']
            : [$hung->last() - $hung->index, 'casting wants the back, head down'];

        return self::away($hung->holes[$hung->index]->name, $miss, $wanted);
    }

    private static function away(string $hole, int $miss, string $wanted): ?Verdict
    {
        return Verdict::of(-min(2, $miss), '{hole} hole: {wanted}.', hole: ucfirst($hole), wanted: $wanted);
    }

    private static function steep(Situation $s, HangFacts $hung): ?Verdict
    {
        $deep = $s->workedM() > self::DEEP_M;
        if ($hung->index === null || ! ($hung->measuredHangDeg > self::STEEP_DEG) || ! ($deep || $s->flowMs > self::FAST_MS)) {
            return null;
        }
        $why = $deep ? Words::of(
            '{depth} down', depth: $s->say->depth((float) $s->workedM()),
        ) : Words::of(
            '{flow} of flow', flow: $s->say->speed((float) $s->flowMs),
        );

        return Verdict::of(1, '{why}: nose {angle} down gets there faster.', why: $why, angle: $s->say->angle($hung->measuredHangDeg));
    }

    private static function level(Situation $s, HangFacts $hung): ?Verdict
    {
        if ($hung->index === null || $hung->measuredHangDeg === null || ! $s->suspended() || $hung->measuredHangDeg >= self::LEVEL_DEG) {
            return null;
        }

        return Verdict::of(
            1, 'Suspended fish: hangs {angle}, nearly level, falls slowly.',
            angle: $s->say->angle($hung->measuredHangDeg),
        );
    }
}
