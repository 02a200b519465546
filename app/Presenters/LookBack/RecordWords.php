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
use Eskith\Core\Words\Words;

/** What the record says, in sentences that could be said aloud; never a rate without its hours and its interval. */
final class RecordWords
{
    private const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

    /** @param  string  $where  "At 36–41 °F" or '' */
    public static function comparison(Comparison $pair, string $where = ''): string
    {
        return Words::sentences(self::claim($pair), self::ground($pair, $where));
    }

    /** What two things side by side say, with one figure at most. */
    public static function claim(Comparison $pair): string
    {
        return match ($pair->standing) {
            ComparisonVerdict::Clear => self::say($pair, '{more} got {times} the bites of {less}.'),
            ComparisonVerdict::Vanishes => self::looked($pair),
            ComparisonVerdict::Close => self::say($pair, '{more} or {less}: too close to call.'),
            ComparisonVerdict::Thin => self::say($pair, '{more} or {less}: not enough yet.'),
        };
    }

    /**
     * How sure that is, from how much, and what else may be why.
     *
     * @param  string  $where  "At 36–41 °F" or ''
     */
    public static function ground(Comparison $pair, string $where = ''): string
    {
        $same = $where === ''
            ? Words::of('in the same {outings|# outing|# outings}', outings: $pair->ratio->outings)
            : Words::of('{where}, in the same {outings|# outing|# outings}', where: $where, outings: $pair->ratio->outings);
        $nothing = $pair->ratio->ratio === null && $pair->ratio->low === null;

        return match ($pair->standing) {
            ComparisonVerdict::Clear => Words::sentences(
                self::say($pair, '{between}, {same}.', same: $same), self::companions($pair),
            ),
            ComparisonVerdict::Vanishes => Words::sentences(
                self::say($pair, '{same}, it got {times} the bites ({between}).', same: $same),
                'No real difference: better days, not a better lure.',
            ),
            ComparisonVerdict::Close => Words::sentences(
                self::say($pair, $nothing ? 'No bite on either, {same}.' : '{times} the bites ({between}), {same}.', same: $same),
                self::toTell($pair),
            ),
            ComparisonVerdict::Thin => self::say($pair, '{outings|# outing|# outings} with both, {hours} of the less fished.'),
        };
    }

    private static function say(Comparison $pair, string $template, string ...$more): string
    {
        [$times, $between] = self::times($pair);

        return Words::of(
            $template, ...$more,
            more: $pair->factor->named($pair->more), less: $pair->factor->named($pair->less), outings: $pair->ratio->outings,
            times: $times, between: $between, hours: self::hours(min($pair->hoursMore, $pair->hoursLess)),
        );
    }

    /** @return array{string, string} "1.8×" and "likely 1.1–2.9×"; nothing where nothing bit on either */
    private static function times(Comparison $pair): array
    {
        [$ratio, $low, $high] = [$pair->ratio->ratio, $pair->ratio->low, $pair->ratio->high];

        return match (true) {
            $ratio !== null => [
                self::figure($ratio).'×',
                Words::of('likely {low}–{high}×', low: self::figure((float) $low), high: self::figure((float) $high)),
            ],
            $low !== null => [Words::of('at least {low}×', low: self::figure($low)), 'nine to one'],
            default => ['', ''],
        };
    }

    /** What else differed with it, so that it cannot be told which of the two it was. */
    private static function companions(Comparison $pair): string
    {
        $words = array_map(static fn (Factor $factor): string => $factor->word(), $pair->companions);

        return $words === [] ? '' : Words::of('{other} differed with it: either may be why.', other: implode(' and ', $words));
    }

    private static function looked(Comparison $pair): string
    {
        $raw = (float) $pair->raw;
        [$better, $worse] = $raw >= 1.0 ? [$pair->more, $pair->less] : [$pair->less, $pair->more];

        return Words::of(
            '{better} looked {times}× as good as {worse}.',
            better: $pair->factor->named($better), times: self::figure(max($raw, 1 / $raw)), worse: $pair->factor->named($worse),
        );
    }

    private static function toTell(Comparison $pair): string
    {
        $more = $pair->outingsToTell();

        return $more === null ? '' : Words::of('About {more} would tell.', more: self::counted($more, 'more outing'));
    }

    public static function rate(Rates $rate, float $hours): string
    {
        return Words::of(
            '{mean} bites an hour over {hours}, likely {q10}–{q90}',
            mean: self::figure($rate->mean), hours: self::hours($hours), q10: self::figure($rate->q10), q90: self::figure($rate->q90),
        );
    }

    public static function stage(Stage $stage): string
    {
        $share = static fn (Rates $rate): string => round(100 * $rate->q10).'–'.round(100 * $rate->q90)."\u{A0}%";
        if ($stage->hooked === 0) {
            return Words::of(
                'Of {bites} bites none hooked up ({share}).', bites: $stage->touches, share: $share($stage->hookedShare),
            );
        }
        $unhooked = $stage->touches - $stage->hooked;
        $lost = $stage->hooked - $stage->landed;

        return Words::of(
            'Of {bites} bites {hooked} hooked up ({hookedShare}): {missed} missed. {landed} were landed ({landedShare}): {lost} lost.',
            bites: $stage->touches, hooked: $stage->hooked, hookedShare: $share($stage->hookedShare), landed: $stage->landed,
            landedShare: $share($stage->landedShare), missed: $unhooked,
            lost: $lost,
        );
    }

    /** "within half a minute" */
    public static function downAgain(float $upToS): string
    {
        return match (true) {
            $upToS <= 30.0 => 'within half a minute',
            is_finite($upToS) => Words::of('up to {upTo} minutes', upTo: round($upToS / 60)),
            default => 'later than that',
        };
    }

    public static function backDown(BackDown $back): string
    {
        $told = array_map(static fn (array $class): string => Words::of(
            '{when} {followed} of {times} times ({q10}–{q90} %)',
            when: self::downAgain($class['upToS']), followed: $class['followed'], times: $class['of'],
            q10: round(100 * $class['share']->q10),
            q90: round(100 * $class['share']->q90),
        ), $back->classes);

        return Words::of('Back down after a fish, another bite followed {told}.', told: implode(', ', $told));
    }

    public static function gaps(Gaps $gaps): string
    {
        return Words::of(
            'Bites come in groups: usually {usual} min apart, over {long} in the longest fifth ({gaps}). You stay {stayed} min after '
                .'the last.',
            usual: round($gaps->usualMin),
            long: round($gaps->longMin),
            gaps: self::counted($gaps->count, 'gap'),
            stayed: round($gaps->stayedMin),
        );
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
}
