<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use Eskith\Core\Cadence\FallControl;
use Eskith\Core\Cadence\HopCast;
use Eskith\Core\Cadence\Repeat;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Falling;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Drop\FallPoint;
use Eskith\Core\Drop\LinePoint;
use Eskith\Core\Drop\Swing;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Data\Picture\PointData;
use Eskith\Telling\Data\Water\CastData;

/** A cast seen from the side: where it lands with the bail closed or open, and where to aim. */
final class CastPresenter
{
    /** s to wind in the rest and cast again. Estimate. */
    private const BETWEEN_S = 15.0;

    /** @throws InvalidInput when the cast does not reach the bottom or depth was not read */
    public static function of(Candidate $candidate, Situation $situation, float $castM, bool $open): CastData
    {
        $column = $situation->columnIfStill ?? throw InvalidInput::because(
            'depth', 'Read the depth first; a cast is reckoned to the bottom.',
        );
        if (! ($castM > $column->depthM)) {
            throw InvalidInput::because(
                'length',
                "The cast of {$situation->say->depth($castM)} is shorter than the {$situation->say->depth($column->depthM)} of "
                    .'water, so it never swings to the bottom; cast farther, or fish it straight down.',
            );
        }

        return $open ? self::open($candidate, $situation, $column, $castM) : self::closed($candidate, $situation, $column, $castM);
    }

    private static function closed(Candidate $candidate, Situation $situation, WaterColumn $column, float $castM): CastData
    {
        $say = $situation->say;
        $swing = Swing::of($candidate->lure->body, self::tight($candidate), $column, $castM);

        return new CastData(
            path: array_map(
                static fn (LinePoint $point): PointData => new PointData(round($point->acrossM, 3), round($point->heightM, 3)),
                $swing->path(),
            ),
            lengthM: $castM,
            depthM: $column->depthM,
            landsText: $say->depth($swing->landsM),
            secondsText: $say->seconds($swing->seconds),
            aim: "Bail closed: cast {$say->depth($swing->pulledInM)} past the fish",
            numbers: [
                "swings in {$say->depth($swing->pulledInM)}", "lands {$say->depth($swing->landsM)} out",
                "on the bottom after {$say->seconds($swing->seconds)}",
            ],
            work: self::work($candidate, $situation, $column, $castM, $swing->seconds),
        );
    }

    private static function open(Candidate $candidate, Situation $situation, WaterColumn $column, float $castM): CastData
    {
        $say = $situation->say;
        $fall = Fall::of(
            $candidate->lure->body,
            Falling::toTheBottom($situation, $candidate->lure, $candidate->hole(), $candidate->hangAngleDeg), $column,
        );
        $carried = $fall->driftM();
        $lands = $castM + $carried;
        $aim = abs($carried) < 0.1
            ? 'Bail open: it falls straight; cast onto the fish'
            : "Bail open: it is carried {$say->depth(abs($carried))}; cast that far ".(
                $carried < 0 ? 'past the fish' : 'short of them, up the flow'
            );

        return new CastData(
            path: array_map(
                static fn (FallPoint $point): PointData => new PointData(
                    round($castM + $point->acrossM, 3), round($column->depthM - $point->depthM, 3),
                ),
                $fall->path(),
            ),
            lengthM: $castM,
            depthM: $column->depthM,
            landsText: $say->depth(abs($lands)),
            secondsText: $say->seconds($fall->seconds),
            aim: $aim,
            numbers: [
                'carried '.$say->depth(abs($carried)), "lands {$say->depth(abs($lands))} out",
                "on the bottom after {$say->seconds($fall->seconds)}",
            ],
            work: self::work($candidate, $situation, $column, max(hypot($lands, $column->depthM), $column->depthM + 0.01), $fall->seconds),
        );
    }

    private static function tight(Candidate $candidate): Attitude
    {
        return Attitude::tight($candidate->lure->family, $candidate->hangAngleDeg);
    }

    /** What working the cast back takes by the cadence's own pull and time; nothing where no cadence is chosen. */
    private static function work(Candidate $candidate, Situation $situation, WaterColumn $column, float $lineM, float $fallS): string
    {
        if ($candidate->cadence === null) {
            return '';
        }
        $say = $situation->say;
        $steps = $situation->steps($candidate->cadence, $candidate->lure);
        $named = $candidate->cadence->word();
        if ($steps->fall === FallControl::None) {
            return ucfirst("{$named}: reeled in without a stop, so there are no repeats to count.");
        }
        if ($steps->liftM > $column->toM) {
            return "A {$named} lifts {$say->lift($steps->liftM)}, more than the water is deep here.";
        }
        $repeat = Repeat::of($steps, $candidate->lure->body, Falling::betweenLifts($candidate, $steps->fall), $column);
        $cast = HopCast::of($lineM, $column->depthM, $steps->liftM, ! $steps->fall->isSlack(), $repeat->seconds, self::BETWEEN_S + $fallS);
        $times = $cast->hops === 1 ? 'once' : "{$cast->hops} times";

        return "Worked back by {$named}, {$say->lift($steps->liftM)} and ".round($repeat->seconds, 1)."\u{A0}s each: {$times}, "
            .round($cast->seconds / 60, 1).' min a cast, '
            .round(
                $cast->castsPerHour, $cast->castsPerHour < 10 ? 1 : 0,
            ).' casts and '.$say->depth($cast->bottomMPerHour).' of bottom an hour.';
    }
}
