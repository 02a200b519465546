<?php

declare(strict_types=1);

namespace App\Presenters\LookBack;

use App\Data\LookBack\TrustData;
use App\Data\Pages\TrustPage;
use App\Kits\Trust;
use App\Models\User;
use Eskith\Core\Record\Holdout;
use Eskith\Core\Words\Words;

/** How well the choice would have done in the outings of before. */
final class TrustPresenter
{
    /** Pairs under which it says nothing. */
    private const LEAST = 10;

    public static function page(User $user): TrustPage
    {
        $trust = Trust::of($user);

        return new TrustPage(self::headline($trust), [
            self::one('the rules alone', $trust->rules), self::one('the rules and your record', $trust->record),
        ]);
    }

    private static function headline(Trust $trust): string
    {
        $right = static fn (Holdout $one): string => round(100 * $one->share->mean).' %';

        return match (true) {
            max($trust->rules->pairs, $trust->record->pairs) < self::LEAST => 'Not enough yet to say whether rules or record deserve trust',
            $trust->rules->pairs < self::LEAST => Words::of(
                'With your record the better one came first {right} of the time; rules could not tell',
                right: $right($trust->record),
            ),
            $trust->record->share->q10 > $trust->rules->share->mean => Words::of(
                'Trust your record: it put the better one first {record} of the time, rules alone {rules}',
                record: $right($trust->record), rules: $right($trust->rules),
            ),
            $trust->rules->share->q10 > $trust->record->share->mean => Words::of(
                'The rules alone did better so far: {rules} to {record}',
                rules: $right($trust->rules), record: $right($trust->record),
            ),
            default => Words::of(
                'Rules and record did about alike: {rules} and {record}', rules: $right($trust->rules), record: $right($trust->record),
            ),
        };
    }

    private static function one(string $by, Holdout $one): TrustData
    {
        return new TrustData(
            by: $by, right: $one->right, pairs: $one->pairs, outings: $one->outings, mean: round($one->share->mean, 4),
            low: round($one->share->q10, 4), high: round($one->share->q90, 4), correlation: $one->correlation(),
        );
    }
}
