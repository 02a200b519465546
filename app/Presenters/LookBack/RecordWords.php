<?php

declare(strict_types=1);

namespace App\Presenters\LookBack;

use Eskith\Core\Record\BackDown;
use Eskith\Core\Record\Comparison;
use Eskith\Core\Record\ComparisonVerdict;
use Eskith\Core\Record\Factor;
use Eskith\Core\Record\Gaps;
use Eskith\Core\Record\Rates;
use Eskith\Core\Record\Stage;

/** What the record says, in sentences that could be said aloud; never a rate without its hours and its interval. */
final class RecordWords
{
    private const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

    /** @param  string  $where  "At 36–41 °F " or '' */
    public static function comparison(Comparison $pair, string $where = ''): string
    {
        [$more, $less] = [$pair->factor->named($pair->more), $pair->factor->named($pair->less)];
        $outings = self::counted($pair->ratio->outings, 'outing');
        [$times, $between] = self::times($pair);
        $compared = $times === '' ? 'no bite on either' : "{$times} the bites{$between}";

        return match ($pair->standing) {
            ComparisonVerdict::Clear => self::upper($where.$more)
                ." got {$times} the bites of {$less}{$between}, in the same {$outings}."
                .self::companions($pair),
            ComparisonVerdict::Vanishes => self::upper(self::looked($pair))
                .": in the same {$outings} it got {$times} the bites{$between}. "
                .'No real difference: better days, not a better lure.',
            ComparisonVerdict::Close => self::upper(
                "{$more} or {$less}: too close to call; {$compared}, in the same {$outings}.",
            )
                .self::toTell($pair),
            ComparisonVerdict::Thin => self::upper("{$more} or {$less}: not enough yet, {$outings} with both and ")
                .self::hours(min($pair->hoursMore, $pair->hoursLess)).' of the less fished.',
        };
    }

    /** @return array{string, string} "1.8×" and " (likely 1.1–2.9×)"; nothing where nothing bit on either */
    private static function times(Comparison $pair): array
    {
        [$ratio, $low, $high] = [$pair->ratio->ratio, $pair->ratio->low, $pair->ratio->high];

        return match (true) {
            $ratio !== null => [
                self::figure($ratio).'×', ' (likely '.self::figure((float) $low).'–'.self::figure((float) $high).'×)',
            ],
            $low !== null => ['at least '.self::figure($low).'×', ' (nine to one)'],
            default => ['', ''],
        };
    }

    /** What else differed with it, so that it cannot be told which of the two it was. */
    private static function companions(Comparison $pair): string
    {
        $words = array_map(static fn (Factor $factor): string => $factor->word(), $pair->companions);

        return $words === [] ? '' : ' '.self::upper(implode(' and ', $words)).' differed with it: either may be why.';
    }

    private static function looked(Comparison $pair): string
    {
        $raw = (float) $pair->raw;
        [$better, $worse] = $raw >= 1.0 ? [$pair->more, $pair->less] : [$pair->less, $pair->more];

        return $pair->factor->named($better).' looked '.self::figure(max($raw, 1 / $raw)).'× as good as '.$pair->factor->named($worse);
    }

    private static function toTell(Comparison $pair): string
    {
        $more = $pair->outingsToTell();

        return $more === null ? '' : ' About '.self::counted($more, 'more outing').' would tell.';
    }

    public static function rate(Rates $rate, float $hours): string
    {
        return self::figure($rate->mean).' bites an hour over '.self::hours($hours).', likely '.self::figure($rate->q10).'–'
            .self::figure($rate->q90);
    }

    public static function stage(Stage $stage): string
    {
        $share = static fn (Rates $rate): string => round(100 * $rate->q10).'–'.round(100 * $rate->q90).' %';
        if ($stage->hooked === 0) {
            return "Of {$stage->touches} bites none hooked up ({$share($stage->hookedShare)}).";
        }
        $unhooked = $stage->touches - $stage->hooked;
        $lost = $stage->hooked - $stage->landed;

        return "Of {$stage->touches} bites {$stage->hooked} hooked up ({$share($stage->hookedShare)}), and {$stage->landed} of those "
            ."were landed ({$share($stage->landedShare)}): {$unhooked} missed, {$lost} lost.";
    }

    /** "within half a minute" */
    public static function downAgain(float $upToS): string
    {
        return match (true) {
            $upToS <= 30.0 => 'within half a minute',
            is_finite($upToS) => 'up to '.round($upToS / 60).' minutes',
            default => 'later than that',
        };
    }

    public static function backDown(BackDown $back): string
    {
        $told = array_map(static fn (array $class): string => self::downAgain($class['upToS'])
            ." {$class['followed']} of {$class['of']} times (".round(100 * $class['share']->q10).'–'
            .round(100 * $class['share']->q90).' %)', $back->classes);

        return 'Back down after a fish, another bite followed '.implode(', ', $told).'.';
    }

    public static function gaps(Gaps $gaps): string
    {
        return 'Bites come in groups: '.round($gaps->usualMin).' min from one to the next as a rule, '.round($gaps->longMin)
            .' at the longest fifth ('.self::counted($gaps->count, 'gap').'); you stay '.round($gaps->stayedMin).' min after the last.';
    }

    public static function figure(float $value): string
    {
        // What is hardly other than 1 is not told as 1.
        $hardly = $value !== 1.0 && abs($value - 1.0) < 0.05;

        return $value >= 10.0 ? (string) round($value) : number_format($value, $hardly ? 2 : 1);
    }

    public static function hours(float $hours): string
    {
        return ($hours < 10.0 ? number_format($hours, 1) : (string) round($hours))."\u{A0}h";
    }

    public static function number(int $count): string
    {
        return self::NUMBERS[$count] ?? (string) $count;
    }

    /** "six outings" */
    public static function counted(int $count, string $one): string
    {
        return self::number($count)." {$one}".($count === 1 ? '' : 's');
    }

    private static function upper(string $words): string
    {
        return mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }
}
