<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Water\Ground;

/** The bottom between soundings. */
final class SoundingsVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $reach = $case->number('reach_m');
        $ground = Ground::of(array_map(
            static fn (array $one): array => [$one[0] ?? 0.0, $one[1] ?? 0.0, $one[2] ?? 0.0], $case->numbers('soundings', 3),
        ), $reach);

        return ['depths' => array_map(
            static fn (array $at): ?float => $ground->depthAt($at[0] ?? 0.0, $at[1] ?? 0.0, $reach), $case->numbers('at', 2),
        )];
    }
}
