<?php

declare(strict_types=1);

namespace App\Presenters\LookBack;

use App\Data\LookBack\DisputeData;
use Eskith\Core\Record\Comparison;
use Eskith\Core\Record\ComparisonVerdict;
use Eskith\Core\Record\Factor;
use Eskith\Core\Record\Rates;
use Eskith\Core\Record\Season;
use Eskith\Core\Words\Words;
use Eskith\Telling\Enums\Flew;

/** Where anglers disagree: what this angler's own record says for either side, or about how many outings more it takes. */
final class SchoolPresenter
{
    /** About what, by which factor, and the two sides: one school's level and the other's. */
    private const DISPUTES = [
        ['which hole straight down', Factor::Hole, 'middle', 'front', 'middle-first', 'level-lift'],
        ['which hole on a cast', Factor::Hole, 'front', 'back', 'middle-first', 'level-lift'],
        ['which metal', Factor::Finish, 'silver', 'gold', 'forage and silhouette', 'flash by light'],
        ['how hard', Factor::Cadence, 'low hop', 'high pop', 'barely-move', 'snap-awake'],
        ['a little gold', Factor::Finish, 'gold', 'white', 'always a little gold', 'without'],
    ];

    /** @return list<DisputeData> */
    public static function all(Season $season): array
    {
        $told = [];
        foreach (self::DISPUTES as [$about, $factor, $one, $other, $school, $against]) {
            $by = $season->byLevel($factor);
            $pair = isset($by[$one], $by[$other]) ? Comparison::of($factor, $one, $by[$one], $other, $by[$other]) : null;
            $told[] = self::one($about, $pair, $one, $school, $against);
        }

        return $told;
    }

    /** Casts that fouled before anything is said of them. */
    private const FOULED = 6;

    /** @param  array<string, int>  $fouled  casts that fouled, by how they flew */
    public static function fouling(array $fouled): DisputeData
    {
        [$straight, $spinning] = [$fouled[Flew::Straight->value] ?? 0, $fouled[Flew::Spinning->value] ?? 0];
        $all = $straight + $spinning;
        if ($all < self::FOULED) {
            return new DisputeData(
                'what fouls on a cast', Words::of(
                    'Not enough yet: at Foul say how it flew, {fouled} more times.',
                    fouled: RecordWords::number(self::FOULED - $all),
                ), 'thin',
            );
        }
        $share = Rates::share(max($straight, $spinning), $all);
        $between = round(100 * $share->q10).'–'.round(100 * $share->q90).' %';
        $word = $straight >= $spinning ? Flew::Straight->word() : Flew::Spinning->word();
        $clear = $share->q10 > 0.5;

        return new DisputeData(
            'what fouls on a cast', Words::of(
                $clear ? 'Of {all} fouled casts {most} {word} ({between}).' : 'Of {all} fouled casts {most} {word}: too close to call.',
                all: $all, most: RecordWords::number(max($straight, $spinning)), word: $word, between: $between,
            ),
            $clear ? ComparisonVerdict::Clear->value : ComparisonVerdict::Close->value,
        );
    }

    private static function one(string $about, ?Comparison $pair, string $one, string $school, string $against): DisputeData
    {
        if ($pair === null) {
            return new DisputeData($about, 'Not enough yet: fish both in about three outings.', 'thin');
        }
        $words = match ($pair->standing) {
            ComparisonVerdict::Clear => Words::of(
                'Your record speaks for {school}. {comparison}',
                school: $pair->more === $one ? $school : $against, comparison: RecordWords::comparison($pair),
            ),
            ComparisonVerdict::Thin => Words::of(
                'Not enough yet: about {outings} with both. {comparison}',
                outings: RecordWords::counted(max(1, Comparison::LEAST_OUTINGS - $pair->ratio->outings), 'more outing'),
                comparison: RecordWords::comparison($pair),
            ),
            default => RecordWords::comparison($pair),
        };

        return new DisputeData($about, $words, $pair->standing->value);
    }
}
