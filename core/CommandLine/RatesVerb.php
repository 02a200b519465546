<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Record\Rates;

/** Mean and quantiles of a rate, or the chance that one is better than another. */
final class RatesVerb implements Verb
{
    public function answer(Fields $case): array
    {
        if ($case->has('a')) {
            [$shapeA, $rateA] = $case->pair('a');
            [$shapeB, $rateB] = $case->pair('b');

            return ['p_a_better' => Rates::chanceBetter($shapeA, $rateA, $shapeB, $rateB)];
        }
        $rate = Rates::gamma($case->number('shape'), $case->number('rate'));

        return ['mean' => $rate->mean, 'q10' => $rate->q10, 'q90' => $rate->q90];
    }
}
