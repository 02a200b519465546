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
use Eskith\Core\Words\Words;
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
            'depth', 'Read the depth first. The cast goes down through it.',
        );
        if (! ($castM > $column->depthM)) {
            throw InvalidInput::because(
                'length', 'A cast of {cast} never swings to the bottom in {depth}. Cast farther, or fish it straight down.',
                cast: $situation->say->depth($castM),
                depth: $situation->say->depth($column->depthM),
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
            aim: Words::of('Bail closed: cast {pulledIn} past the fish', pulledIn: $say->depth($swing->pulledInM)),
            numbers: [
                Words::of('swings in {pulledIn}', pulledIn: $say->depth($swing->pulledInM)),
                Words::of('lands {lands} out', lands: $say->depth($swing->landsM)),
                Words::of('on the bottom after {seconds}', seconds: $say->seconds($swing->seconds)),
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
            : Words::of(
                $carried < 0
                    ? 'Bail open: it is carried {carried}; cast that far past the fish'
                    : 'Bail open: it is carried {carried}; cast that far short of them, up the flow',
                carried: $say->depth(abs($carried)),
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
                Words::of('carried {carried}', carried: $say->depth(abs($carried))),
                Words::of('lands {lands} out', lands: $say->depth(abs($lands))),
                Words::of('on the bottom after {seconds}', seconds: $say->seconds($fall->seconds)),
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
            return ucfirst(Words::of('{named}: reeled in without a stop, so there are no repeats to count.', named: $named));
        }
        if ($steps->liftM > $column->toM) {
            return Words::of('A {named} lifts {lift}, more than the water is deep here.', named: $named, lift: $say->lift($steps->liftM));
        }
        $repeat = Repeat::of($steps, $candidate->lure->body, Falling::betweenLifts($candidate, $steps->fall), $column);
        $cast = HopCast::of($lineM, $column->depthM, $steps->liftM, ! $steps->fall->isSlack(), $repeat->seconds, self::BETWEEN_S + $fallS);
        $times = $cast->hops === 1 ? 'once' : Words::of('{hops} times', hops: $cast->hops);

        return Words::of(
            "{named}, {lift} and {seconds}\u{A0}s each: {times}, {minutes} min a cast. {casts} casts and {bottom} of bottom an hour.",
            named: $named,
            lift: $say->lift($steps->liftM),
            seconds: round($repeat->seconds, 1),
            times: $times,
            minutes: round($cast->seconds / 60, 1),
            casts: round($cast->castsPerHour, $cast->castsPerHour < 10 ? 1 : 0),
            bottom: $say->depth($cast->bottomMPerHour),
        );
    }
}
