<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Record\Holdout;

/** Whether what was put first was touched more, within each outing. */
final class HoldoutVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $holdout = Holdout::of(array_map(static fn (Fields $outing): array => array_map(
            static fn (array $one): array => [$one[0] ?? 0.0, max(0.0, $one[1] ?? 0.0), max(0.0, $one[2] ?? 0.0)],
            $outing->numbers('setups', 3),
        ), $case->objects('outings')));

        return [
            'outings' => $holdout->outings, 'pairs' => $holdout->pairs, 'right' => $holdout->right, 'share' => $holdout->share->mean,
            'q10' => $holdout->share->q10, 'q90' => $holdout->share->q90, 'correlation' => $holdout->correlation(),
        ];
    }
}
