<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Record\RateRatio;

/** Two things compared within the same outings. */
final class RatioVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $ratio = RateRatio::of(array_map(
            static fn (array $one): array => [$one[0] ?? 0.0, $one[1] ?? 0.0, $one[2] ?? 0.0, $one[3] ?? 0.0], $case->numbers('outings', 4),
        ));

        return ['outings' => $ratio->outings, 'ratio' => $ratio->ratio, 'low' => $ratio->low, 'high' => $ratio->high];
    }
}
