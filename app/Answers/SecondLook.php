<?php

declare(strict_types=1);

namespace App\Answers;

use App\Data\SchoolData;
use App\Data\SecondLookData;
use App\Data\TipData;
use App\Data\TipSentenceData;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Spoken;
use Eskith\Core\Choosing\Tipping\Tip;
use Eskith\Core\Choosing\Tipping\Tipping;
use Eskith\Core\Choosing\Tipping\TipWords;
use Eskith\Core\Choosing\Tipping\Wanted;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\Dimension;

/** What the other schools would tie on, and what would have to change before you did. Slower than the answer, and asked after it. */
final readonly class SecondLook
{
    public static function of(Standing $standing): SecondLookData
    {
        $first = $standing->ranked[0] ?? null;
        if ($first === null) {
            return new SecondLookData([], [], null, '');
        }
        $tipping = self::tipping($standing);
        $tips = self::tips($standing, $tipping, $first->candidate->lure);
        $wanted = $tipping->mostWanted();
        $still = array_map(static fn (TipData $tip): string => $tip->label, array_filter($tips, static fn (TipData $tip): bool => $tip->sentences === []));
        $changing = array_filter($tips, static fn (TipData $tip): bool => $tip->sentences !== []);

        return new SecondLookData(
            self::schools($standing, $first), $changing,
            $wanted === null ? null : self::wanted($wanted, $standing, $first->candidate->lure),
            $still === [] ? '' : 'By themselves these change nothing, whatever they are: '.implode(', ', $still).'.',
        );
    }

    public static function tipping(Standing $standing): Tipping
    {
        $book = $standing->book;

        return new Tipping($standing->chooser, $standing->situation, $standing->box, $standing->tiedOn, $book->driftIsFromWind() ? $book->measured->driftPerWind() : null);
    }

    /** @return array<string, TipData> by reading */
    private static function tips(Standing $standing, Tipping $tipping, Lure $now): array
    {
        $words = new TipWords($standing->situation);
        $tips = [];
        foreach (self::asked($standing) as $reading) {
            $found = $tipping->of($reading);
            $nearest = $found;
            usort($nearest, static fn (Tip $a, Tip $b): int => self::away($a, $standing) <=> self::away($b, $standing));
            $tips[$reading->value] = new TipData(
                $reading->definition()->label,
                $found === [] ? '' : $words->short($nearest[0], $now),
                array_map(static fn (array $alike): TipSentenceData => new TipSentenceData($words->sentence($alike, $now), self::trying($alike[0], $standing)), TipWords::alike($found)),
            );
        }

        return $tips;
    }

    /** The reading put past where it tips, as an angler would type it: "0.37 mph", "bright". */
    private static function trying(Tip $tip, Standing $standing): string
    {
        $unit = $tip->reading->definition()->unit($standing->book->likes->units);
        if (is_string($tip->past) || $unit === null) {
            return (string) $tip->past;
        }
        $fine = $unit->dimension() === Dimension::Speed ? 100 : 10;
        $past = $unit->fromSi($tip->past) * $fine;

        return ($tip->above === true ? ceil($past) : floor($past)) / $fine.' '.$unit->symbol();
    }

    /** @return list<Reading> those that stand, but for a drift that the wind stands for */
    private static function asked(Standing $standing): array
    {
        return array_values(array_filter(Reading::used(), static fn (Reading $reading): bool => $reading->isRead($standing->situation)
            && ($reading !== Reading::Drift || ! $standing->book->driftIsFromWind())));
    }

    private static function away(Tip $tip, Standing $standing): float
    {
        return is_string($tip->at) ? 0.0 : abs($tip->at - (float) $tip->reading->measured($standing->situation));
    }

    private static function wanted(Wanted $wanted, Standing $standing, Lure $now): string
    {
        $words = new TipWords($standing->situation);
        $opening = $wanted->reading->opening($standing->situation->say, $wanted->at);

        return "Most help now: read the {$wanted->reading->word()}. {$opening} you would {$words->instead($now, $wanted->lure)}.";
    }

    /** @return list<SchoolData> */
    private static function schools(Standing $standing, Pick $mine): array
    {
        $spoken = new Spoken($standing->situation);
        $schools = [];
        foreach ($standing->situation->schools->others() as [$school, $schooled]) {
            $theirs = $standing->chooser->rank($standing->situation->with(schools: $schooled), $standing->box, $standing->tiedOn)[0];
            $schools[] = new SchoolData($school, Standing::key($theirs) === Standing::key($mine), self::apart($mine->candidate, $theirs->candidate, $spoken), Standing::key($theirs));
        }
        $otherFall = $standing->situation->schools->withOtherFall($mine->candidate->lure);
        if ($otherFall !== null && FallWords::other($mine->candidate, $standing->situation) !== null) {
            $words = FallWords::brief($mine->candidate, $standing->situation, $standing->situation->with(schools: $otherFall));
            $schools[] = new SchoolData((string) $otherFall->fallWord($mine->candidate->lure), false, $words, null);
        }

        return $schools;
    }

    /** What of it differs from what one would tie on oneself. */
    private static function apart(Candidate $mine, Candidate $theirs, Spoken $spoken): string
    {
        return implode(', ', array_filter([
            $theirs->lure->id === $mine->lure->id ? '' : $spoken->lure($theirs->lure),
            $theirs->hole()?->name === $mine->hole()?->name ? '' : ($theirs->hole()->name ?? 'no').' hole',
            $theirs->cadence === $mine->cadence ? '' : ($theirs->cadence?->word() ?? ''),
        ]));
    }
}
