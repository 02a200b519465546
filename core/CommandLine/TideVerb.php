<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Water\Tide;
use Eskith\Core\Water\TideTurn;
use Eskith\Core\Water\TideWave;

/** Heights and turns of a tide. */
final class TideVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $tide = Tide::of($case->number('mean_m'), array_map(static fn (Fields $wave): TideWave => new TideWave(
            $wave->number('amplitude_m'), $wave->number('speed_deg_h'), $wave->number('phase_deg'),
        ), $case->objects('constituents')));
        $heights = array_map(
            static fn (mixed $at): float => $tide->heightM(Fields::of(['at_h' => $at])->number('at_h')), $case->items('at_h'),
        );
        $turns = $case->has('from_h') || $case->has('to_h') ? $tide->turns($case->number('from_h'), $case->number('to_h')) : [];

        return [
            'heights' => $heights,
            'turns' => array_map(static fn (TideTurn $turn): array => [
                'at_h' => $turn->atH, 'height_m' => $turn->heightM, 'kind' => $turn->high ? 'high' : 'low',
            ], $turns),
        ];
    }
}
