<?php

declare(strict_types=1);

namespace Eskith\Telling\Lure;

use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Sensitivity\Sensitivity;
use Eskith\Core\Choosing\Sensitivity\TippingPoint;
use Eskith\Core\Choosing\Sensitivity\TippingWords;
use Eskith\Core\Choosing\Sensitivity\Wanted;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\Dimension;
use Eskith\Core\Words\Words;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Data\LookBack\RepeatData;
use Eskith\Telling\Data\Lure\SchoolData;
use Eskith\Telling\Data\Lure\SecondLookData;
use Eskith\Telling\Data\Lure\TipData;
use Eskith\Telling\Data\Lure\TipSentenceData;
use Eskith\Telling\Work\FallWords;

/** What the other schools would tie on, and what would have to change before you did. Slower than the answer, and asked after it. */
final readonly class SecondLookPresenter
{
    /** @param  RepeatData|null  $before  what worked here before */
    public static function of(RankedBox $rankedBox, ?RepeatData $before): SecondLookData
    {
        $first = $rankedBox->ranked[0] ?? null;
        if ($first === null) {
            return new SecondLookData([], [], null, '', $before);
        }
        $tipping = $rankedBox->sensitivity();
        $tips = self::tips($rankedBox, $tipping, $first->candidate->lure);
        $wanted = $tipping->mostWanted();
        $still = array_map(
            static fn (TipData $tip): string => $tip->label,
            array_filter($tips, static fn (TipData $tip): bool => $tip->sentences === []),
        );
        $changing = array_filter($tips, static fn (TipData $tip): bool => $tip->sentences !== []);

        return new SecondLookData(
            self::schools($rankedBox, $first), $changing,
            $wanted === null ? null : self::wanted($wanted, $rankedBox, $first->candidate->lure),
            $still === [] ? '' : Words::of('No change alone from: {still}.', still: implode(', ', $still)),
            $before,
        );
    }

    /** @return array<string, TipData> by reading */
    private static function tips(RankedBox $rankedBox, Sensitivity $tipping, Lure $now): array
    {
        $words = new TippingWords($rankedBox->situation);
        $tips = [];
        foreach (self::asked($rankedBox) as $reading) {
            $found = $tipping->of($reading);
            $nearest = $found;
            usort($nearest, static fn (TippingPoint $a, TippingPoint $b): int => self::away($a, $rankedBox) <=> self::away($b, $rankedBox));
            $tips[$reading->value] = new TipData(
                $reading->definition()->label,
                $found === [] ? '' : $words->short($nearest[0], $now),
                array_map(
                    static fn (array $alike): TipSentenceData => new TipSentenceData(
                        $words->sentence($alike, $now), self::trying($alike[0], $rankedBox),
                    ),
                    TippingWords::alike($found),
                ),
            );
        }

        return $tips;
    }

    /** The reading put past where it tips, as an angler would type it: "0.37 mph", "bright". */
    private static function trying(TippingPoint $tip, RankedBox $rankedBox): string
    {
        $unit = $tip->reading->definition()->unit($rankedBox->book->settings->units);
        if (is_string($tip->past) || $unit === null) {
            return (string) $tip->past;
        }
        $fine = $unit->dimension() === Dimension::Speed ? 100 : 10;
        $past = $unit->fromSi($tip->past) * $fine;

        return ($tip->above === true ? ceil($past) : floor($past)) / $fine.' '.$unit->symbol();
    }

    /** @return list<Reading> those that stand, but for a drift that the wind stands for */
    private static function asked(RankedBox $rankedBox): array
    {
        return array_values(array_filter(Reading::used(), static fn (Reading $reading): bool => $reading->isRead($rankedBox->situation)
            && ($reading !== Reading::Drift || ! $rankedBox->book->driftIsFromWind())));
    }

    private static function away(TippingPoint $tip, RankedBox $rankedBox): float
    {
        return is_string($tip->at) ? 0.0 : abs($tip->at - (float) $tip->reading->measured($rankedBox->situation));
    }

    private static function wanted(Wanted $wanted, RankedBox $rankedBox, Lure $now): string
    {
        $words = new TippingWords($rankedBox->situation);
        $opening = $wanted->reading->opening($rankedBox->situation->say, $wanted->at);

        return Words::of(
            'Most help now: read the {reading}. {opening} you would {instead}.',
            reading: $wanted->reading->word(), opening: $opening, instead: $words->instead($now, $wanted->lure),
        );
    }

    /** @return list<SchoolData> */
    private static function schools(RankedBox $rankedBox, Pick $mine): array
    {
        $names = new LureNames($rankedBox->situation->say);
        $schools = [];
        foreach ($rankedBox->situation->schools->others() as [$school, $schooled]) {
            $theirs = $rankedBox->chooser->rank($rankedBox->situation->with(schools: $schooled), $rankedBox->box, $rankedBox->tiedOn)[0];
            $schools[] = new SchoolData(
                $school, RankedBox::key($theirs) === RankedBox::key($mine),
                self::apart($mine->candidate, $theirs->candidate, $names), RankedBox::key($theirs),
            );
        }
        $otherFall = $rankedBox->situation->schools->withOtherFall($mine->candidate->lure);
        if ($otherFall !== null && FallWords::other($mine->candidate, $rankedBox->situation) !== null) {
            $words = FallWords::brief($mine->candidate, $rankedBox->situation, $rankedBox->situation->with(schools: $otherFall));
            $schools[] = new SchoolData((string) $otherFall->fallWord($mine->candidate->lure), false, $words, null);
        }

        return $schools;
    }

    /** What of it differs from what one would tie on oneself. */
    private static function apart(Candidate $mine, Candidate $theirs, LureNames $names): string
    {
        return implode(', ', array_filter([
            $theirs->lure->id === $mine->lure->id ? '' : $names->lure($theirs->lure),
            $theirs->hole()?->name === $mine->hole()?->name ? '' : Words::of('{hole} hole', hole: $theirs->hole()->name ?? 'no'),
            $theirs->cadence === $mine->cadence ? '' : ($theirs->cadence?->word() ?? ''),
        ]));
    }
}
