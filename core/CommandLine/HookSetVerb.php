<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Rig\HookSet;
use Eskith\Core\Rig\Segment;

/** How far down, or out, a sweep still drives the hook. */
final class HookSetVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $segments = [];
        foreach ($case->items('segments') as $i => $item) {
            $segment = Fields::of($item, $case->at("segments.{$i}"));
            $segments[] = Segment::of(
                $segment->number('length_m'), $segment->number('break_n'), $segment->number('strain_at_break'), $segment->at(''),
            );
        }
        $set = HookSet::of(
            $segments, $case->number('belly_m', 0.0), $case->number('force_n', HookSet::FORCE_N),
            $case->number('sweep_m', HookSet::SWEEP_M),
        );

        return [
            'stretch_m' => $set->stretchM,
            'needed_m' => $set->neededM,
            'reaches' => $set->reaches,
            'farthest_m' => $set->farthestM,
        ];
    }
}
