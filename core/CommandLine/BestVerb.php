<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Record\BestRate;
use Eskith\Core\Record\Rates;
use Eskith\Core\Units\InvalidInput;

/** Rates of several groups of outings, and the chance of each to be the best. */
final class BestVerb implements Verb
{
    /** Groups that are compared. */
    private const MOST = 200;

    public function answer(Fields $case): array
    {
        $groups = $case->objects('groups');
        if (count($groups) > self::MOST) {
            throw InvalidInput::because($case->at('groups'), 'At most '.self::MOST.' groups are compared.');
        }
        $best = BestRate::of(array_map(static fn (Fields $group): array => array_map(
            static fn (array $outing): array => [$outing[0] ?? 0.0, $outing[1] ?? 0.0], $group->numbers('outings', 2),
        ), $groups));

        return [
            'overall' => $best->overall,
            'dispersion' => $best->dispersion,
            'groups' => array_map(static fn (Rates $rate, float $chance): array => [
                'mean' => $rate->mean, 'q10' => $rate->q10, 'q90' => $rate->q90, 'p_best' => $chance,
            ], $best->rates, $best->chances),
        ];
    }
}
