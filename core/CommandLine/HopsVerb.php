<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Cadence\HopCast;
use Eskith\Core\Units\InvalidInput;

/** A cast worked back hop by hop. */
final class HopsVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $fall = $case->text('fall');
        if (! in_array($fall, ['taut', 'slack'], true)) {
            throw InvalidInput::because($case->at('fall'), "\"{$case->at('fall')}\" must be one of taut, slack.");
        }
        $cast = HopCast::of(
            $case->number('line_m'), $case->number('depth_m'), $case->number('pull_m'), $fall === 'taut',
            $case->number('seconds_per_hop'), $case->number('seconds_between'),
        );

        return [
            'hops' => $cast->hops,
            'covered_m' => $cast->coveredM,
            'seconds' => $cast->seconds,
            'casts_per_hour' => $cast->castsPerHour,
            'bottom_m_per_hour' => $cast->bottomMPerHour,
        ];
    }
}
