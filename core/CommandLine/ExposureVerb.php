<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Record\Exposure;
use Eskith\Core\Record\Pause;
use Eskith\Core\Record\RodInterval;

/** How long each setup of an outing was fished. */
final class ExposureVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $ids = [];
        $setups = [];
        foreach ($case->objects('setups') as $setup) {
            $ids[] = $setup->text('id');
            $setups[] = new RodInterval($setup->text('rod'), $setup->number('at'), $setup->numberOrNull('until'));
        }
        $exposure = Exposure::of(
            $case->number('started'), $case->number('ended'), $setups,
            array_map(static fn (Fields $event): array => [$event->number('at'), $event->text('rod', '')], $case->objects('events')),
            array_map(static fn (Fields $pause): Pause => new Pause(
                $pause->number('from'), $pause->number('to'), $pause->has('rod') ? $pause->text('rod') : null,
            ), $case->objects('pauses')),
        );

        return [
            'setups' => array_map(
                static fn (string $id, float $hours): array => ['id' => $id, 'hours' => $hours], $ids, array_values($exposure->hours),
            ),
            'rod_hours' => $exposure->rodHours,
        ];
    }
}
