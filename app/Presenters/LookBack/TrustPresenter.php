<?php

declare(strict_types=1);

namespace App\Presenters\LookBack;

use App\Data\LookBack\TrustData;
use App\Data\Pages\TrustPage;
use App\Kits\Trust;
use App\Models\User;
use Eskith\Core\Record\Holdout;

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
            $trust->rules->pairs < self::LEAST => 'The rules had no say in what was fished; with your record the better one came first '
                ."{$right($trust->record)} of the time",
            $trust->record->share->q10 > $trust->rules->share->mean => 'Your record deserves trust: with it the better one came first '
                ."{$right($trust->record)} of the time, by the rules alone {$right($trust->rules)}",
            $trust->rules->share->q10 > $trust->record->share->mean => 'The rules alone did better so far: '
                ."{$right($trust->rules)} against {$right($trust->record)}",
            default => "Rules and record did about alike: {$right($trust->rules)} and {$right($trust->record)}",
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
